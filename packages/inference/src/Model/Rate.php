<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * A sensitivity or specificity as used in the arithmetic: kept within [0.005, 0.995], since no study
 * is large enough to say "never", with its variance on the logit scale.
 *
 * @internal
 */
final readonly class Rate
{
    public const LEAST = 0.005;

    public const MOST = 0.995;

    public float $value;

    /** Variance on the logit scale: published interval plus spread between clinics. */
    public float $variance;

    /**
     * @param  float  $published  in (0, 1)
     * @param  array{float, float}|null  $interval  published 95 % interval around it
     * @param  float  $spread  standard deviation between clinics, logit scale, in [0, 2)
     */
    public function __construct(
        public float $published,
        public ?array $interval,
        float $spread,
    ) {
        $this->value = self::kept($published);
        if ($interval === null) {
            $this->variance = $spread * $spread;

            return;
        }
        $low = self::kept($interval[0]);
        $high = self::kept($interval[1]);
        $sd = \log($high * (1 - $low) / ((1 - $high) * $low)) / (2 * Logit::Z95);
        $this->variance = $sd * $sd + $spread * $spread;
    }

    private static function kept(float $rate): float
    {
        return $rate < self::LEAST ? self::LEAST : ($rate > self::MOST ? self::MOST : $rate);
    }
}
