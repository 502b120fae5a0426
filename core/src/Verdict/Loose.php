<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Results\SettledResults;

/**
 * Ligaments that the hands found loose: a finding in its own right, whatever the chance. Limits are
 * working estimates.
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
    public function __construct(private KneeExamination $examination, private SettledResults $results, private array $chances)
    {
    }

    /** How far a cruciate is loose; null: not loose. */
    public function cruciate(Condition $condition): ?Level
    {
        $worst = null;
        foreach ($this->results->ownPositives($condition) as $result) {
            $level = $this->levelOf($result, $condition);
            $worst = $level !== null && ($worst === null || $level->isAtLeast($worst)) ? $level : $worst;
        }

        return $worst;
    }

    public function opens(Condition $condition): bool
    {
        foreach ($this->results->ownPositives($condition) as $result) {
            if ($this->results->signs->grades($result->reading->sign) === $condition && $this->isClear($result, $condition)) {
                return true;
            }
        }

        return false;
    }

    /** A sign that is positive, of level clear or gross, and sure enough. */
    public function isClear(SettledResult $result, Condition $condition): bool
    {
        return $result->isPositive() && $result->reading->level?->isAtLeast(Level::Clear) === true
            && (! $result->reading->provisional || $this->chances[$condition->value] >= self::PROVISIONAL_FROM);
    }

    private function levelOf(SettledResult $result, Condition $condition): ?Level
    {
        $level = $result->reading->level;

        $manoeuvre = $result->reading->record?->manoeuvre;

        return match (true) {
            $manoeuvre?->judgedBy?->kind === JudgeKind::Pivot => $level === Level::Slight
                ? ($this->isNoneOnOtherKnee($manoeuvre) ? Level::Clear : null)
                : $level,
            $manoeuvre?->judgedBy?->kind === JudgeKind::Sag => $this->sagIsLoose() ? Level::Clear : null,
            $manoeuvre !== null && $this->isOutweighed($manoeuvre) => null,
            default => $this->isClear($result, $condition) ? $level : null,
        };
    }

    private function isNoneOnOtherKnee(Manoeuvre $pivot): bool
    {
        $other = $this->examination->compared($pivot->id);

        return $other !== null && ($other->normal || $other->word('grade') === 'none');
    }

    /** A sag counts with a second sign, with a chance that fits, or while nobody looked for a second sign. */
    private function sagIsLoose(): bool
    {
        $seen = new FactSubject(new HurtKnee($this->examination), $this->results);

        return $seen->is(Fact::SagConfirmed)
            || $this->chances[Condition::Pcl->value] >= self::SAG_FROM
            || ! $seen->is(Fact::SagRefuted);
    }

    /** In a fresh knee a drawer is not believed against a Lachman that counts negative. */
    private function isOutweighed(Manoeuvre $manoeuvre): bool
    {
        return $this->examination->phase() === Phase::Acute
            && $this->results->isNegative(...$manoeuvre->names(ManoeuvreTrait::OutweighedBy));
    }
}
