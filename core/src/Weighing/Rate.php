<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/**
 * A sensitivity or specificity as used in the arithmetic: kept within [0.005, 0.995], since no study
 * is large enough to say "never", with its variance on the logit scale.
 */
final class Rate
{
    public const LEAST = 0.005;

    public const MOST = 0.995;

    public readonly float $value;

    /** Variance on the logit scale: published interval plus spread between clinics. */
    public readonly float $variance;

    /**
     * @param  float  $published  in (0, 1)
     * @param  array{float, float}|null  $interval  published 95 % interval around it
     * @param  float  $spread  standard deviation between clinics, logit scale, in [0, 2)
     */
    public function __construct(
        public readonly float $published,
        public readonly ?array $interval,
        float $spread,
    ) {
        $this->value = self::clamp($published);
        $sd = $interval === null ? 0.0 : (Logit::of(self::clamp($interval[1])) - Logit::of(self::clamp($interval[0]))) / (2 * Logit::Z95);
        $this->variance = $sd * $sd + $spread * $spread;
    }

    private static function clamp(float $rate): float
    {
        return min(max($rate, self::LEAST), self::MOST);
    }
}
