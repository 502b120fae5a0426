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
    /** In degrees, as the other three. */
    private const STRAIGHT_TO = 2;

    private const NEARLY_FROM = 5;

    private const BENT_FROM = 15;

    private const BENT_TO = 35;

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
            $straight && $degrees <= self::STRAIGHT_TO,
            ! $straight && $degrees >= self::BENT_FROM && $degrees <= self::BENT_TO => self::AsAsked,
            $degrees >= self::NEARLY_FROM && $degrees <= self::BENT_FROM => self::NearlyBent,
            default => self::Elsewhere,
        };
    }

    public function isBetween(): bool
    {
        return $this !== self::AsAsked;
    }
}
