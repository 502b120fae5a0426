<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Sentences\Sentence;

/** How soon another person sees the knee; case order is worst first. */
enum Within: string
{
    case Now = 'now';
    case SameDay = 'same_day';
    case Days = 'days';
    case Week = 'week';
    case TwoWeeks = 'two_weeks';
    case Routine = 'routine';

    /** Of “within days”, in days: a working estimate. */
    private const SOME_DAYS = 3;

    /** In days; what the word says is the source. */
    private const A_WEEK = 7;

    /** Of a routine visit, in weeks: a working estimate. */
    private const ROUTINE_WEEKS = 4;

    public static function by(Urgency $urgency): self
    {
        return match ($urgency) {
            Urgency::Emergency => self::Now,
            Urgency::SameDay => self::SameDay,
            Urgency::Days => self::Days,
            Urgency::Week => self::Week,
            Urgency::TwoWeeks => self::TwoWeeks,
            Urgency::Routine => self::Routine,
        };
    }

    /** One step later; null after the last. */
    public function later(): ?self
    {
        return self::cases()[$this->rank() + 1] ?? null;
    }

    /** “within two weeks”, as it stands in a sentence for athlete or letter. */
    public function name(): Sentence
    {
        return new Sentence("within.{$this->value}");
    }

    /** Days by which it should have happened. */
    public function days(): int
    {
        return match ($this) {
            self::Now, self::SameDay => 0,
            self::Days => self::SOME_DAYS,
            self::Week => self::A_WEEK,
            self::TwoWeeks => 2 * self::A_WEEK,
            self::Routine => self::ROUTINE_WEEKS * self::A_WEEK,
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** As it stands on screen and at the head of a task. */
    public function label(): string
    {
        return match ($this) {
            self::Now => 'Now',
            self::SameDay => 'Today',
            self::Days => 'Within days',
            self::Week => 'Within a week',
            self::TwoWeeks => 'Within two weeks',
            self::Routine => 'As a routine visit',
        };
    }
}
