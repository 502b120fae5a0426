<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * What the story says, as readings. Only what was asked and answered speaks.
 * Hours of swelling as taught; working estimates.
 *
 * @internal
 */
final class HistoryReadings
{
    private const RAPID_HOURS = 2;

    private const SLOW_HOURS = 24;

    /**
     * @return list<Reading>
     */
    public static function readings(KneeExamination $examination, EvidenceLibrary $evidence): array
    {
        $readings = self::mechanisms($examination, $evidence);
        foreach (HistoryItem::cases() as $item) {
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
    private static function swelling(KneeExamination $examination): array
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
     * With a list given, each mechanism on it is positive and each other one that has figures is negative; an empty
     * list says that none fits. Where nobody recalls, none speaks. A twist on the planted foot is a rotational trauma
     * too, and only the former counts then.
     *
     * @return list<Reading>
     */
    private static function mechanisms(KneeExamination $examination, EvidenceLibrary $evidence): array
    {
        $given = $examination->history->mechanism;
        if ($given === null || \in_array(Mechanism::NoneRecalled, $given, true)) {
            return [];
        }
        $positive = array_merge(...array_map(static fn (Mechanism $mechanism): array => $mechanism->implies(), $given));
        $twisted = \in_array(Mechanism::TwistOnPlantedFoot, $positive, true);
        $readings = [];
        foreach (Mechanism::cases() as $mechanism) {
            $finding = $mechanism->finding();
            $speaks = $finding !== null
                && $evidence->rows($finding) !== []
                && ! ($twisted && $mechanism === Mechanism::RotationalTrauma);
            if ($speaks) {
                $outcome = Outcome::of(\in_array($mechanism, $positive, true));
                $readings[] = new Reading($finding, null, $outcome);
            }
        }
        usort(
            $readings,
            static fn (Reading $a, Reading $b): int => ($a->outcome === Outcome::Negative) <=> ($b->outcome
                === Outcome::Negative),
        );

        return $readings;
    }
}
