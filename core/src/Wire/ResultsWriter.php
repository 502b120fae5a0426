<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Grading\Values\McMurrayReading;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\CollateralReading;

/** What was measured, and what each manoeuvre gave, as parts of the document. */
final class ResultsWriter
{
    /**
     * @return list<array<string, mixed>>
     */
    public static function measurements(Assessment $assessment): array
    {
        return array_map(
            static fn (Measurement $measurement): array => self::measurement($measurement, $assessment),
            $assessment->bearings->grading->measurements,
        );
    }

    /**
     * @return array<string, mixed>|null null: fluid was not judged
     */
    public static function effusion(Bearings $bearings): ?array
    {
        $effusion = $bearings->grading->effusion;

        return $effusion === null ? null : [
            'grade' => $effusion->grade,
            'positive' => $effusion->outcome->value === 'positive',
            'millilitres' => $effusion->millilitres,
            'bloodLikely' => $effusion->bloodLikely,
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    public static function results(Bearings $bearings): array
    {
        return array_map(
            static fn (SettledResult $result): array => self::result($result, $bearings),
            $bearings->results->results,
        );
    }

    /**
     * @return list<array<string, string>>
     */
    public static function excluded(Assessment $assessment): array
    {
        $excluded = [];
        foreach ($assessment->bearings->results->results as $result) {
            if ($result->exclusion !== null) {
                $excluded[] = [
                    'finding' => $result->reading->sign,
                    'manoeuvre' => $result->reading->manoeuvre(),
                    'outcome' => $result->reading->outcome->value,
                    'code' => $result->exclusion->value,
                    'reason' => $assessment->words->phrases->sentence($result->exclusion->reason()),
                ];
            }
        }

        return $excluded;
    }

    /**
     * @return list<array<string, string|null>>|null null: no McMurray was recorded
     */
    public static function mcmurrayReadings(Bearings $bearings): ?array
    {
        $readings = $bearings->grading->mcmurrayReadings;

        return $readings === null ? null : array_map(static fn (McMurrayReading $reading): array => [
            'school' => $reading->school->id,
            'medial' => $reading->medial?->value,
            'lateral' => $reading->lateral?->value,
        ], $readings);
    }

    /**
     * @return list<array<string, string>>
     */
    public static function collaterals(Assessment $assessment): array
    {
        $readings = [];
        foreach (['inner' => $assessment->medial, 'outer' => $assessment->lateral] as $side => $reading) {
            if ($reading instanceof CollateralReading) {
                $readings[] = ['side' => $side, 'reading' => $reading->value];
            }
        }

        return $readings;
    }

    /**
     * @return array<string, mixed>
     */
    private static function measurement(Measurement $measurement, Assessment $assessment): array
    {
        return [
            'manoeuvre' => $measurement->manoeuvre,
            'unit' => $measurement->unit,
            'hurt' => $measurement->hurt,
            'other' => $measurement->other,
            'comparedWith' => $measurement->comparedWith?->value,
            'difference' => $measurement->difference,
            'grade' => $measurement->grade,
            'provisional' => $measurement->provisional,
            'estimate' => $measurement->estimate,
            'school' => $measurement->school,
            'level' => $measurement->level?->value,
            'counts' => ! $assessment->bearings->results->isStruck($measurement->manoeuvre),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function result(SettledResult $result, Bearings $bearings): array
    {
        $record = $result->reading->record;
        $hold = $record === null || $result->isCarried() ? null : $bearings->holds->against($record);

        return [
            'finding' => $result->reading->sign,
            'manoeuvre' => $result->reading->manoeuvre(),
            'outcome' => $result->reading->outcome->value,
            'counts' => $result->counts(),
            'level' => $result->reading->level?->value,
            'overridden' => $hold !== null && $record->override !== null,
            'againstRule' => $hold?->name(),
            'carriedFrom' => $result->visit?->date(),
        ];
    }
}
