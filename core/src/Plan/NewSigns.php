<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Whether a knee whose tear was looked at shows something that the look did not see: more laxity than at the last visit,
 * new blood, or a joint that locks.
 *
 * @internal
 */
final readonly class NewSigns
{
    public function __construct(private Bearings $bearings)
    {
    }

    public function of(Condition $condition): bool
    {
        return $this->locks($condition) || $this->hasNewBlood($condition) || $this->isLooser($condition);
    }

    /** Locked now; or, where only an earlier episode was looked at, locking told in this one. */
    private function locks(Condition $condition): bool
    {
        $isOld = $this->bearings->of($condition)->known?->before === true;

        return $this->bearings->raised(SafetyRule::LockedKnee)
            || ($isOld && $this->bearings->examination->history->isYes(HistoryItem::Locking));
    }

    /** Blood is likely now and was not at the last visit, or no visit of this episode came before. */
    private function hasNewBlood(Condition $condition): bool
    {
        $last = $this->bearings->examination->earlier[0] ?? null;
        if (! $this->bearings->bloodLikely()) {
            return false;
        }
        $then = $last === null ? null : $this->bearings->gradedVisits->of($last)->effusion;

        return $last === null
            ? $this->bearings->of($condition)->known?->before === true
            : $then?->outcome === Outcome::Negative && ! $then->bloodLikely;
    }

    /** A level that none of the earlier visits reached; where none of them tested it there is nothing to compare with. */
    private function isLooser(Condition $condition): bool
    {
        $now = $this->level($this->bearings->grading->readings, $condition);
        $wasTested = false;
        if ($now === null) {
            return false;
        }
        foreach ($this->bearings->examination->earlier as $visit) {
            $readings = $this->bearings->gradedVisits->of($visit)->readings;
            if ($this->level($readings, $condition)?->isAtLeast($now) === true) {
                return false;
            }
            $wasTested = $wasTested || $this->isTestedBy($readings, $condition);
        }

        return $wasTested;
    }

    /**
     * @param  list<Reading>  $readings
     */
    private function isTestedBy(array $readings, Condition $condition): bool
    {
        foreach ($readings as $reading) {
            if ($this->isItsLaxity($reading, $condition) && $reading->flaw === null && $reading->record !== null
                && ! $reading->record->failed('hamstringsRelaxed') && ! $reading->record->failed('quadricepsRelaxed')) {
                return true;
            }
        }

        return false;
    }

    private function isItsLaxity(Reading $reading, Condition $condition): bool
    {
        return $this->bearings->signs->ownTestOf($reading->sign) === $condition
            && $this->bearings->signs->isLaxity($reading->sign);
    }

    /**
     * @param  list<Reading>  $readings
     */
    private function level(array $readings, Condition $condition): ?Level
    {
        $worst = null;
        foreach ($readings as $reading) {
            if ($this->isItsLaxity($reading, $condition) && $reading->level !== null && ($worst === null || $reading->level->isAtLeast($worst))) {
                $worst = $reading->level;
            }
        }

        return $worst;
    }
}
