<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Matters;

/**
 * When ligaments are looked at again, and why. Limits are working estimates.
 *
 * @internal
 */
final readonly class LigamentReviews
{
    private const CRUCIATES_AND_CORNER = [Condition::Acl, Condition::Pcl, Condition::Plc];

    private const SORE_FROM = 0.4;

    /** From this chance on a cruciate that the hands left open is looked at again. */
    private const STILL_POSSIBLE = 0.15;

    /** So many conditions are named at most. */
    private const NAMED = 3;

    private const COLLATERALS = [Condition::Mcl, Condition::Lcl];

    /** Own tests left out for pain from which on the knee is called too painful to examine. */
    private const TOO_PAINFUL = 3;

    /**
     * @param  bool  $settledByOthers  another person, to whom the knee is sent, settles what is open
     */
    public function __construct(private Bearings $bearings, private bool $settledByOthers)
    {
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    public function unsettled(): ?array
    {
        $open = array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->unsettled && ! $verdict->isWithheld(),
        );
        if ($open === []) {
            return null;
        }
        $place = array_flip(array_map(
            static fn (ConditionVerdict $verdict): string => $verdict->condition->value,
            Matters::of($this->bearings),
        ));
        usort(
            $open,
            static fn (ConditionVerdict $a, ConditionVerdict $b): int => [
                $place[$a->condition->value] ?? PHP_INT_MAX,
                -$a->seriousness,
                -$a->posttest() / $a->thresholds->ruleOut,
            ] <=> [
                $place[$b->condition->value] ?? PHP_INT_MAX,
                -$b->seriousness,
                -$b->posttest() / $b->thresholds->ruleOut,
            ],
        );
        $names = array_map(
            static fn (ConditionVerdict $verdict): string => $verdict->condition->label(),
            \array_slice($open, 0, self::NAMED),
        );
        $day = $this->bearings->examination->daysSinceInjury;
        [$from, $to] = $day === null ? ReviewDays::WITHOUT_AN_INJURY : ReviewDays::onceSettled($day);

        return [$from, $to, new Sentence('again_for.inconclusive', ['conditions' => $names])];
    }

    /**
     * A positive of a ligament that nobody else will see.
     *
     * @return array{int, int, Sentence}|null
     */
    public function positives(): ?array
    {
        if ($this->settledByOthers) {
            return null;
        }
        foreach ($this->notLookedAt() as $condition) {
            if (
                $this->bearings->results->hasOwnPositive($condition)
                || \in_array($condition->value, $this->bearings->disagree, true)
            ) {
                return [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.positive_test', ['condition' => $condition->withArticle()])];
            }
        }

        return $this->bearings->positive(...$this->bearings->signs->grading(...self::COLLATERALS))
            ? [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.side_opens')]
            : null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    public function cruciatesLeft(): ?array
    {
        foreach ($this->notLookedAt() as $condition) {
            if (
                ! $this->settledByOthers
                && ! $this->bearings->of($condition)->isWithheld()
                && $this->bearings->chance($condition) >= self::STILL_POSSIBLE
            ) {
                return [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.still_possible', ['condition' => $condition->withArticle()])];
            }
        }

        return null;
    }

    /**
     * What the story makes likely and the hands have not made unlikely enough.
     *
     * @return array{int, int, Sentence}|null
     */
    public function raisedByStory(): ?array
    {
        foreach ($this->bearings->verdicts as $verdict) {
            if (
                $verdict->condition->isStructural()
                && $verdict->raised
                && $verdict->reachesRuleOut()
                && ! $verdict->isWithheld()
                && $verdict->known === null
                && ! $this->settledByOthers
            ) {
                return [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.history_suggests', ['condition' => $verdict->condition->withArticle()])];
            }
        }

        return null;
    }

    /**
     * A slight opening of the lateral side makes nobody a patient of a surgeon, but is looked at again.
     *
     * @return array{int, int, Sentence}|null
     */
    public function slightOuterSide(): ?array
    {
        $slight = $this->bearings->atAct(Condition::Lcl) && ! $this->bearings->isOuterSideHurt();

        return $slight ? [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.lateral_side')] : null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    public function tooPainful(): ?array
    {
        $left = array_filter($this->bearings->examination->records, fn (Record $record): bool => $record->notDone === NotDone::Pain
            && $record->side !== $this->bearings->examination->hurtSide->opposite() && $this->givesOwnTest($record));
        $painful = $this->bearings->knee->is(Fact::LachmanTooPainful) || \count($left) >= self::TOO_PAINFUL;

        return $painful ? [...ReviewDays::SOON, new Sentence('again_for.too_painful')] : null;
    }

    private function givesOwnTest(Record $record): bool
    {
        foreach ($record->manoeuvre->feeds as $sign) {
            if ($this->bearings->signs->ownTestOf($sign) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * Pain or tenderness of a ligament alone.
     *
     * @return array{int, int, Sentence}|null
     */
    public function soreness(): ?array
    {
        foreach (self::COLLATERALS as $condition) {
            $sore = $this->bearings->positive(...$this->bearings->signs->sorenessOf($condition));
            if ($sore && $this->bearings->chance($condition) >= self::SORE_FROM) {
                return [...ReviewDays::NEXT_WEEK, new Sentence('again_for.soreness', ['condition' => $condition->withArticle()])];
            }
        }

        return null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    public function medialOpening(): ?array
    {
        $opens = $this->bearings->positive(...$this->bearings->signs->grading(Condition::Mcl))
            || $this->bearings->atAct(Condition::Mcl);

        return $opens ? [...ReviewDays::NEXT_WEEK, new Sentence('again_for.mcl_sprain')] : null;
    }

    /**
     * Cruciates and corner that no scan and no look inside the joint has answered.
     *
     * @return list<Condition>
     */
    private function notLookedAt(): array
    {
        return array_values(array_filter(
            self::CRUCIATES_AND_CORNER,
            fn (Condition $condition): bool => $this->bearings->of($condition)->known === null,
        ));
    }
}
