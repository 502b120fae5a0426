<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Standing\StandingResult;

/**
 * Ligaments that the hands found loose: a finding in its own right, whatever the chance. Working
 * estimates throughout.
 *
 * @internal
 */
final readonly class Loose
{
    /** Judged without the other knee it counts as loose only where the injury is at least as likely as not. */
    private const PROVISIONAL_FROM = 0.5;

    private const SAG_FROM = 0.3;

    /**
     * @param  array<string, float>  $chances  after all results, by condition
     */
    public function __construct(private Examination $examination, private Standing $standing, private array $chances)
    {
    }

    /** How far a cruciate is loose; null: not loose. */
    public function cruciate(Condition $condition): ?Level
    {
        $worst = null;
        foreach ($this->standing->ownPositives($condition) as $result) {
            $level = $this->levelOf($result, $condition);
            $worst = $level !== null && ($worst === null || $level->isAtLeast($worst)) ? $level : $worst;
        }

        return $worst;
    }

    public function opens(Condition $condition): bool
    {
        foreach ($this->standing->ownPositives($condition) as $result) {
            if (str_ends_with($result->reading->sign, '_laxity') && $this->isClear($result, $condition)) {
                return true;
            }
        }

        return false;
    }

    /** A sign that is positive, of level clear or gross, and sure enough. */
    public function isClear(StandingResult $result, Condition $condition): bool
    {
        return $result->isPositive() && $result->reading->level?->isAtLeast(Level::Clear) === true
            && (! $result->reading->provisional || $this->chances[$condition->value] >= self::PROVISIONAL_FROM);
    }

    private function levelOf(StandingResult $result, Condition $condition): ?Level
    {
        $level = $result->reading->level;

        return match ($result->reading->sign) {
            'pivot_shift' => $level === Level::Slight ? ($this->otherPivotIsNone() ? Level::Clear : null) : $level,
            'posterior_sag' => $this->sagIsLoose() ? Level::Clear : null,
            'anterior_drawer' => $this->drawerIsTrusted() && $this->isClear($result, $condition) ? $level : null,
            default => $this->isClear($result, $condition) ? $level : null,
        };
    }

    private function otherPivotIsNone(): bool
    {
        $other = $this->examination->otherKneeReliable ? $this->examination->other('pivot_shift') : null;

        return $other !== null && ($other->normal || $other->word('grade') === 'none');
    }

    /** A sag counts with a second sign, with a chance that fits, or while nobody looked for a second sign. */
    private function sagIsLoose(): bool
    {
        $seconds = [$this->standing->counted('posterior_drawer'), $this->standing->counted('quadriceps_active')];

        return \in_array(Outcome::Positive, $seconds, true)
            || $this->chances[Condition::Pcl->value] >= self::SAG_FROM
            || $seconds === [null, null];
    }

    /** In a fresh knee the drawer is not believed against a Lachman that counts negative. */
    private function drawerIsTrusted(): bool
    {
        return $this->examination->phase() !== Phase::Acute
            || $this->standing->counted('lachman') !== Outcome::Negative;
    }
}
