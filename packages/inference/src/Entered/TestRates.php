<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Entered;

use GrayCompass\Document\Refusal;

/**
 * What a test is worth, told in one of three ways: as rates, as the four counts of a study, or as likelihood ratios. All
 * lead to sensitivity and specificity, which is what is weighed.
 */
final readonly class TestRates
{
    /** Two-sided 95 % of the normal distribution. */
    private const Z = 1.959963984540054;

    /** Added to each cell where one is empty (Haldane 1940, Anscombe 1956): a rate of exactly 0 or 1 is weighed by nobody. */
    private const EMPTY_CELL = 0.5;

    /**
     * @param  float  $sensitivity  in (0, 1)
     * @param  float  $specificity  in (0, 1)
     * @param  array{float, float}|null  $sensitivityInterval  95 %; null where nothing tells it
     * @param  array{float, float}|null  $specificityInterval  95 %; null where nothing tells it
     */
    private function __construct(
        public float $sensitivity,
        public float $specificity,
        public ?array $sensitivityInterval = null,
        public ?array $specificityInterval = null,
    ) {
    }

    /**
     * With intervals by Wilson's score (Wilson 1927).
     *
     * @param  int<0, max>  $hit  ill and positive
     * @param  int<0, max>  $false  sound and positive
     * @param  int<0, max>  $missed  ill and negative
     * @param  int<0, max>  $clear  sound and negative
     *
     * @throws Refusal where nobody was ill, or nobody sound
     */
    public static function ofCounts(int $hit, int $false, int $missed, int $clear): self
    {
        if ($hit + $missed === 0) {
            throw Refusal::at('counts.truePositive', 'nobody with the injury was tested');
        }
        if ($false + $clear === 0) {
            throw Refusal::at('counts.trueNegative', 'nobody without the injury was tested');
        }
        $add = \min($hit, $false, $missed, $clear) === 0 ? self::EMPTY_CELL : 0.0;
        [$found, $ill] = [$hit + $add, $hit + $missed + 2 * $add];
        [$passed, $sound] = [$clear + $add, $false + $clear + 2 * $add];

        return new self(
            self::share($found, $ill),
            self::share($passed, $sound),
            self::interval($found, $ill),
            self::interval($passed, $sound),
        );
    }

    /**
     * @param  float  $positive  of a positive result, above 1
     * @param  float  $negative  of a negative result, between 0 and 1
     *
     * @throws Refusal where no rates have such ratios
     */
    public static function ofRatios(float $positive, float $negative): self
    {
        if ($positive <= 1 || ! is_finite($positive)) {
            throw Refusal::at('ratios.positive', 'a positive result makes the injury more likely: more than 1');
        }
        if ($negative <= 0 || $negative >= 1) {
            throw Refusal::at('ratios.negative', 'a negative result makes it less likely: between 0 and 1, without either');
        }
        $specificity = ($positive - 1) / ($positive - $negative);

        return new self($positive * (1 - $specificity), $specificity);
    }

    public static function ofRates(float $sensitivity, float $specificity): self
    {
        foreach (['sensitivity' => $sensitivity, 'specificity' => $specificity] as $name => $rate) {
            if ($rate <= 0 || $rate >= 1) {
                throw Refusal::at("rates.{$name}", 'between 0 and 1, without either');
            }
        }

        return new self($sensitivity, $specificity);
    }

    /** How many times as likely a positive result is with the injury as without. */
    public function positiveRatio(): float
    {
        return $this->sensitivity / (1 - $this->specificity);
    }

    /** The same of a negative result. */
    public function negativeRatio(): float
    {
        return (1 - $this->sensitivity) / $this->specificity;
    }

    private static function share(float $part, float $of): float
    {
        return $part / $of;
    }

    /**
     * @return array{float, float}
     */
    private static function interval(float $part, float $of): array
    {
        $rate = self::share($part, $of);
        $square = self::Z ** 2;
        $centre = ($rate + $square / (2 * $of)) / (1 + $square / $of);
        $reach = self::Z / (1 + $square / $of) * \sqrt($rate * (1 - $rate) / $of + $square / (4 * $of ** 2));

        return [$centre - $reach, $centre + $reach];
    }
}
