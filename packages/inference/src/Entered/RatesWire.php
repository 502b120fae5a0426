<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Entered;

use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;

/** What a test is worth, as it is entered and as it is told. */
final class RatesWire
{
    private const COUNTS = ['truePositive', 'falsePositive', 'falseNegative', 'trueNegative'];

    /**
     * @param  mixed  $document  decoded JSON with one of `counts`, `ratios` and `rates`
     *
     * @throws Refusal where no test is worth that
     */
    public static function read(mixed $document): TestRates
    {
        $given = Given::in($document);

        return match (true) {
            $given->has('counts') => TestRates::ofCounts(...array_map(
                static fn (string $one): int => self::count($given->inner('counts'), $one), self::COUNTS,
            )),
            $given->has('ratios') => TestRates::ofRatios(
                self::figure($given, 'ratios', 'positive'), self::figure($given, 'ratios', 'negative'),
            ),
            $given->has('rates') => TestRates::ofRates(
                self::figure($given, 'rates', 'sensitivity'), self::figure($given, 'rates', 'specificity'),
            ),
            default => throw Refusal::at('', 'expected counts, ratios or rates'),
        };
    }

    /**
     * @return array<string, mixed>
     */
    public static function write(TestRates $rates): array
    {
        return [
            'sensitivity' => $rates->sensitivity, 'sensitivityInterval' => $rates->sensitivityInterval,
            'specificity' => $rates->specificity, 'specificityInterval' => $rates->specificityInterval,
            'positiveRatio' => $rates->positiveRatio(), 'negativeRatio' => $rates->negativeRatio(),
        ];
    }

    /**
     * @return int<0, max>
     *
     * @throws Refusal
     */
    private static function count(Given $counts, string $name): int
    {
        $count = $counts->whole($name);

        return $count !== null && $count >= 0
            ? $count
            : throw Refusal::at("counts.{$name}", 'expected a whole number from 0');
    }

    /** @throws Refusal */
    private static function figure(Given $given, string $way, string $name): float
    {
        return $given->inner($way)->number($name) ?? throw Refusal::at("{$way}.{$name}", 'expected a number');
    }
}
