<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Safety\SafetyRule;

/**
 * One ranking of what matters about this knee, for the athlete, the letter, the review and the next test alike.
 * Limits are working estimates.
 *
 * @internal
 */
final class Matters
{
    private const NAMED = 4;

    private const SERIOUS = 2.0;

    /** Below this chance a positive or a story alone names nothing. Working estimate. */
    private const WORTH_NAMING = 0.15;

    private const ACT = 1;

    /** Under these lines only what they are about is named, however urgent they are. */
    private const NAMES_ONLY_ITS_OWN = [
        SafetyRule::LockedKnee, SafetyRule::GrowingBone, SafetyRule::FractureRulePositive, SafetyRule::FractureSuspected,
        SafetyRule::HiddenFracture, SafetyRule::FractureLikely, SafetyRule::HipFirst, SafetyRule::HipCheck, SafetyRule::BoneStress,
        SafetyRule::WarmAfterOperation,
    ];

    /**
     * Most important first; at most four, but never fewer than those at the point of acting.
     *
     * @return list<ConditionVerdict>
     */
    public static function of(Bearings $bearings): array
    {
        if ($bearings->isSoundBaseline()) {
            return [];
        }
        $ranked = [];
        foreach ($bearings->verdicts as $verdict) {
            $class = self::classOf($verdict, $bearings);
            if ($class !== null) {
                $ranked[] = [
                    $class,
                    -$verdict->seriousness,
                    -$verdict->posttest() / $verdict->thresholds->ruleOut,
                    $verdict,
                ];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        $acts = \count(array_filter($ranked, static fn (array $row): bool => $row[0] === self::ACT));

        return array_map(
            static fn (array $row): ConditionVerdict => $row[3],
            \array_slice($ranked, 0, \max(self::NAMED, $acts)),
        );
    }

    /**
     * What may be named to anybody while a safety line stands: only what the line is about.
     *
     * @return list<ConditionVerdict>
     */
    public static function named(Bearings $bearings): array
    {
        $about = self::mayName($bearings);

        return array_values(array_filter(
            self::of($bearings),
            static fn (ConditionVerdict $verdict): bool => $about === null || \in_array(
                $verdict->condition,
                $about,
                true,
            ),
        ));
    }

    /**
     * @return list<Condition>|null null: whatever matters
     */
    private static function mayName(Bearings $bearings): ?array
    {
        $about = null;
        foreach ($bearings->gate->lines as $line) {
            if ($line->isToday() || \in_array($line->rule, self::NAMES_ONLY_ITS_OWN, true)) {
                $sheet = $line->sheet;
                $about = $about === null ? $sheet->about : array_values(array_filter(
                    $about,
                    static fn (Condition $one): bool => \in_array($one, $sheet->about, true),
                ));
            }
        }

        return $about;
    }

    /** Pain at the front has another source that was found: a tendon, the fat pad, a tubercle. */
    public static function isExplainedOtherwise(Bearings $bearings): bool
    {
        return array_filter(
            $bearings->also,
            static fn (Consideration $other): bool => $other->explainsFrontPain,
        ) !== [];
    }

    /** 1 is most important; null: it does not matter. */
    private static function classOf(ConditionVerdict $verdict, Bearings $bearings): ?int
    {
        $condition = $verdict->condition;
        $positives = $bearings->results->ownPositives($condition);
        $far = array_filter(
            $positives,
            static fn (SettledResult $result): bool => $bearings->loose->isClear($result, $condition),
        );

        return match (true) {
            $verdict->isWithheld(), $verdict->isExcluded() => null,
            $condition === Condition::PatellofemoralPain && self::isExplainedOtherwise($bearings) => null,
            $verdict->isAtAct(), $verdict->isConfirmed() => self::ACT,
            $far !== [] || $bearings->loose->cruciate($condition) !== null => 2,
            $verdict->seriousness >= self::SERIOUS
                && ($verdict->unsettled || ($verdict->raised && $verdict->reachesRuleOut())) => 3,
            ($positives !== [] || $verdict->raised)
                && $verdict->posttest() >= \max($verdict->thresholds->ruleOut, self::WORTH_NAMING) => 4,
            default => null,
        };
    }
}
