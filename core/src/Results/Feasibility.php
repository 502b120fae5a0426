<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Knee\Family;

/**
 * Whether this knee can be brought to a test today. Limits are working estimates.
 *
 * @internal
 */
final readonly class Feasibility
{
    private const STANDING_PAIN = 6.0;

    private const PROVOKING = 4;

    private const PROVOKING_PAIN = 4.0;

    private const PROVOKING_EFFUSION = 2.0;

    private HurtKnee $knee;

    private float $pain;

    public function __construct(private KneeExamination $examination, private Grading $grading)
    {
        $this->knee = new HurtKnee($examination);
        $this->pain = $examination->history->painNow ?? 0.0;
    }

    public function allows(Manoeuvre $manoeuvre): bool
    {
        return $this->bends($manoeuvre) && $this->stands($manoeuvre) && $this->bears($manoeuvre);
    }

    private function bends(Manoeuvre $manoeuvre): bool
    {
        $needed = $manoeuvre->amount(ManoeuvreTrait::BendNeeded);
        $reached = $this->knee->bendReached();

        return $needed === null || $reached === null || $reached >= $needed;
    }

    private function stands(Manoeuvre $manoeuvre): bool
    {
        if ($manoeuvre->family !== Family::Loaded) {
            return true;
        }

        return $this->pain < self::STANDING_PAIN && ! $this->knee->is(Fact::Limps)
            && ! $this->knee->is(Fact::WalkingHurts);
    }

    private function bears(Manoeuvre $manoeuvre): bool
    {
        return $manoeuvre->provocation < self::PROVOKING
            || (
                $this->pain < self::PROVOKING_PAIN
                && ($this->grading->effusion->grade ?? 0.0) < self::PROVOKING_EFFUSION
            );
    }
}
