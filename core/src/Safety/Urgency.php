<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** How soon another person must see this knee; case order is worst first. */
enum Urgency: string
{
    case Emergency = 'emergency';
    case SameDay = 'same_day';
    case Days = 'days';
    case Week = 'week';
    case TwoWeeks = 'two_weeks';
    case Routine = 'routine';

    /** 0 is worst. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function isToday(): bool
    {
        return $this === self::Emergency || $this === self::SameDay;
    }

    public function isWorseThan(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    public function label(): string
    {
        return match ($this) {
            self::Emergency => 'Emergency, now',
            self::SameDay => 'Same day',
            self::Days => 'Within days',
            self::Week => 'Within a week',
            self::TwoWeeks => 'Within two weeks',
            self::Routine => 'Routine',
        };
    }
}
