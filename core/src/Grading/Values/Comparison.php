<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\EndFeel;

/**
 * The same manoeuvre on the hurt knee and on what it is compared with: the other one, or its own baseline.
 *
 * @internal
 */
final readonly class Comparison
{
    /**
     * The other knee gives so many mm more than the hurt one: something is wrong with one of them. Working estimate.
     */
    private const LOOSER_MM = 5.0;

    /**
     * @param  Record|null  $other  of the other knee, or the baseline of the same one
     */
    private function __construct(public Record $hurt, public ?Record $other, private bool $withBaseline)
    {
    }

    /** Null when the manoeuvre was not done on the hurt knee. */
    public static function in(KneeExamination $examination, string $manoeuvre): ?self
    {
        $hurt = $examination->hurt($manoeuvre);

        return $hurt === null
            ? null
            : new self($hurt, $examination->compared($manoeuvre), ! $examination->otherKneeReliable);
    }

    public function with(): ?ComparedWith
    {
        return match (true) {
            $this->other === null => null,
            $this->withBaseline => ComparedWith::Baseline,
            default => ComparedWith::Other,
        };
    }

    /** The sign that the manoeuvre feeds, where it is one. */
    public function sign(): string
    {
        return $this->hurt->manoeuvre->feeds[0];
    }

    /** Hurt minus other; 0 for two normal knees; null when either figure is missing. */
    public function difference(string $field): ?float
    {
        return Record::difference($this->hurt, $this->other, $field);
    }

    /** What the difference of a figure in mm may be off by. */
    public function margin(string $field): Margin
    {
        return Margin::of($this->hurt->sourceOf($field), $this->other?->sourceOf($field));
    }

    /** The other knee was done, and its end neither yields nor is bone. */
    public function otherIsFirm(): bool
    {
        return $this->other !== null && ! $this->otherYields() && $this->other->endFeel() !== EndFeel::Hard;
    }

    public function otherYields(): bool
    {
        return $this->other?->endFeel()?->yields() === true;
    }

    /**
     * An other knee that is itself too loose to say that the hurt one is sound.
     *
     * @param  float  $most  mm that a sound other knee gives at most
     */
    public function otherIsLoose(string $field, float $most): bool
    {
        if ($this->other === null) {
            return false;
        }
        $difference = $this->difference($field);

        return $this->otherYields() || ($this->other->number($field) ?? 0.0) > $most
            || ($difference !== null && $difference <= -self::LOOSER_MM);
    }

    public function reading(string $finding, Outcome $sign, ?Exclusion $flaw = null): Reading
    {
        return new Reading($finding, $this->hurt, $sign, $flaw);
    }
}
