<?php

declare(strict_types=1);

namespace GrayCompass\Learning;

use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Learning\Agreement\Weights;
use GrayCompass\Learning\Wire\AgreementCase;
use GrayCompass\Learning\Wire\CalibrationCase;
use GrayCompass\Learning\Wire\CaseShape;
use GrayCompass\Learning\Wire\OwnCase;
use stdClass;

/** The door of the package for what comes as JSON: a method and its input, and out come its figures. */
final class Learning
{
    /**
     * @param  mixed  $case  decoded JSON, objects as objects: `method`, `input`, for tables `weights`; other keys are ignored
     * @return array<string, mixed>
     *
     * @throws Refusal naming the first wrong place
     */
    public static function compute(mixed $case): array
    {
        $faults = new Faults($case);
        $case instanceof stdClass || throw Refusal::ofTheWhole('expected an object');
        $method = $case->method ?? throw Refusal::at('method', 'missing');
        if (! \is_string($method) || ! \in_array($method, CaseShape::METHODS, true)) {
            throw Refusal::at('method', 'expected one of '.implode(', ', CaseShape::METHODS));
        }
        $input = $case->input ?? throw Refusal::at('input', 'missing');
        CaseShape::of($method)->check($input, 'input', $faults);
        $faults->refuse();
        $given = Given::in($input);

        return match ($method) {
            'table' => AgreementCase::table(self::counts($input), self::weights($case->weights ?? 'none')),
            'icc' => AgreementCase::intraclass(self::measures($input)),
            'altman' => AgreementCase::altman($given),
            'within' => AgreementCase::within($given),
            'size' => AgreementCase::size($given),
            'calibration' => CalibrationCase::plain($given),
            'referenced' => CalibrationCase::referenced($given),
            'mcnemar' => CalibrationCase::mcnemar($given),
            'person' => CalibrationCase::person($given),
            'cusum' => CalibrationCase::cusum($given),
            'net' => CalibrationCase::net($given),
            'losses' => CalibrationCase::losses($given),
            'own' => OwnCase::figures($given),
            'rate' => OwnCase::rate($given),
        };
    }

    private static function weights(mixed $name): Weights
    {
        return (\is_string($name) ? Weights::tryFrom($name) : null)
            ?? throw Refusal::at('weights', 'expected one of none, linear, quadratic');
    }

    /** @return list<list<int>> */
    private static function counts(mixed $input): array
    {
        return array_map(static fn (array $row): array => array_map(intval(...), $row), self::measures($input));
    }

    /** @return list<list<float>> */
    private static function measures(mixed $input): array
    {
        $wrapped = static fn (mixed $row): Given => Given::in((object) ['row' => $row]);

        return array_map(
            static fn (mixed $row): array => $wrapped($row)->numbers('row'),
            \is_array($input) ? array_values($input) : [],
        );
    }
}
