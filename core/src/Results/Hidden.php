<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Outcome;

/**
 * What a fresh knee may hide: a negative that fluid, a stiff knee or the first days make doubtful.
 * Limits are working estimates.
 *
 * @internal
 */
final readonly class Hidden
{
    private const EARLY_DAYS = 10;

    private const FIRST_DAYS = 2;

    private const FREE_BEND_DEG = 90.0;

    private function __construct(private bool $early, private bool $first)
    {
    }

    public static function at(KneeExamination $examination, Grading $grading): self
    {
        $bend = (new HurtKnee($examination))->bendReached();

        return new self(
            $examination->injuredWithin(self::EARLY_DAYS)
                && ($grading->effusion?->outcome === Outcome::Positive || ($bend !== null && $bend < self::FREE_BEND_DEG)),
            $examination->injuredWithin(self::FIRST_DAYS),
        );
    }

    /** A negative that fluid or a stiff knee may hide; a Lachman of the first two days may always be hidden. */
    public function mayHide(SettledResult $result): bool
    {
        $manoeuvre = $result->reading->record?->manoeuvre;

        return $result->reading->outcome === Outcome::Negative
            && (($this->early && $manoeuvre?->has(ManoeuvreTrait::HiddenEarly) === true)
                || ($this->first && $manoeuvre?->has(ManoeuvreTrait::HiddenFirstDays) === true));
    }
}
