<?php

declare(strict_types=1);

namespace GrayCompass\Core\Standing;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Mechanism;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Findings\SwellingOnset;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Condition;

/**
 * What the story says, as readings. Only what was asked and answered speaks.
 * Hours of swelling as taught; working estimates.
 *
 * @internal
 */
final class Story
{
    private const RAPID_HOURS = 2;

    private const SLOW_HOURS = 24;

    private const TIE = 1e-9;

    /**
     * @return list<Reading>
     */
    public static function readings(Examination $examination, EvidenceLibrary $evidence): array
    {
        $readings = self::mechanisms($examination, $evidence);
        foreach (StoryItem::cases() as $item) {
            $answer = $examination->history->answer($item);
            if ($item->finding() !== null && $answer !== null) {
                $readings[] = new Reading($item->finding(), null, Outcome::of($answer));
            }
        }

        return [...$readings, ...self::swelling($examination)];
    }

    /**
     * @return list<Reading>
     */
    private static function swelling(Examination $examination): array
    {
        $onset = $examination->history->swellingOnset;
        if ($onset === null) {
            return [];
        }
        $hours = $examination->hoursSinceInjury;
        $flaw = static fn (int $needed): ?Exclusion => $hours !== null && $hours < $needed ? Exclusion::TooEarly : null;
        $rapid = new Reading(
            'story_rapid_swelling',
            null,
            Outcome::of($onset === SwellingOnset::WithinTwoHours),
            $flaw(self::RAPID_HOURS),
        );
        if ($onset === SwellingOnset::WithinTwoHours) {
            return [$rapid];
        }

        return [
            $rapid,
            new Reading(
                'story_slow_swelling',
                null,
                Outcome::of($onset === SwellingOnset::WithinADay),
                $flaw(self::SLOW_HOURS),
            ),
        ];
    }

    /**
     * Each mechanism told is positive. For a condition with mechanisms of its own, none of them told,
     * the most telling one is negative.
     *
     * @return list<Reading>
     */
    private static function mechanisms(Examination $examination, EvidenceLibrary $evidence): array
    {
        $told = $examination->history->mechanism;
        if ($told === null) {
            return [];
        }
        $implied = array_merge(...array_map(static fn (Mechanism $mechanism): array => $mechanism->implies(), $told));
        $positive = array_values(array_unique(array_filter(
            array_map(static fn (Mechanism $mechanism): ?string => $mechanism->finding(), $implied),
            is_string(...),
        )));
        $readings = array_map(
            static fn (string $finding): Reading => new Reading($finding, null, Outcome::Positive),
            $positive,
        );
        if (\in_array(Mechanism::NoneRecalled, $told, true)) {
            return $readings;
        }
        $negative = [];
        foreach (Condition::cases() as $condition) {
            $untold = self::mostTellingUntold($condition, $positive, $evidence);
            if ($untold !== null) {
                $negative[$untold] = new Reading($untold, null, Outcome::Negative);
            }
        }

        return [...$readings, ...array_values($negative)];
    }

    /**
     * @param  list<string>  $positive
     */
    private static function mostTellingUntold(Condition $condition, array $positive, EvidenceLibrary $evidence): ?string
    {
        $best = null;
        $most = -1.0;
        foreach (Mechanism::cases() as $mechanism) {
            $finding = $mechanism->finding();
            $row = $finding === null ? null : $evidence->row($finding, $condition);
            if ($finding === null || $row === null) {
                continue;
            }
            if (\in_array($finding, $positive, true)) {
                return null;
            }
            $weight = \abs(\log((1 - \max($row->sensitivity, 1 - $row->specificity)) / $row->specificity));
            $ties = \abs($weight - $most) <= self::TIE;
            if ($ties ? strcmp($finding, (string) $best) < 0 : $weight > $most) {
                [$best, $most] = [$finding, $weight];
            }
        }

        return $best;
    }
}
