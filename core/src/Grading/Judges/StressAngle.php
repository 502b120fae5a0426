<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

/**
 * The bend at which the knee was stressed sideways, against the bend that the test asks for. Working estimates.
 *
 * @internal
 */
enum StressAngle
{
    /** The angle of the test, or none noted. */
    case AsAsked;
    /** 5° to 15°: between the straight test and the bent one, nearer to the latter. */
    case NearlyBent;
    /** Any other. */
    case Elsewhere;

    /**
     * @param  float|null  $degrees  0–45; null: not noted
     * @param  bool  $straight  whether the test is that of the straight knee
     */
    public static function of(?float $degrees, bool $straight): self
    {
        return match (true) {
            $degrees === null,
            $straight && $degrees <= 2,
            ! $straight && $degrees >= 15 && $degrees <= 35 => self::AsAsked,
            $degrees >= 5 && $degrees <= 15 => self::NearlyBent,
            default => self::Elsewhere,
        };
    }

    public function isBetween(): bool
    {
        return $this !== self::AsAsked;
    }
}
