<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Grading\Values\Exclusion;

/**
 * Whether a test that could not tell may be done again today, and how.
 *
 * @internal
 */
final class SecondTry
{
    /** How to mend it; null where today cannot. */
    public static function way(Exclusion $code): ?string
    {
        return match ($code) {
            Exclusion::FootMoved => 'hold the foot down',
            Exclusion::ThighMoved => 'hold the thigh still',
            Exclusion::AngleBetween => 'at the angle of the test',
            Exclusion::DoesNotFit, Exclusion::WithinHandError => 'measure it again',
            Exclusion::OtherKneeMissing => 'do the other knee too',
            Exclusion::HamstringsGuarded => 'own thigh under the knee, muscles soft',
            Exclusion::QuadricepsGuarded => 'let the thigh go soft first',
            Exclusion::SagUncorrected => 'bring the shin to neutral first',
            Exclusion::TooFewRepetitions => 'three turns',
            Exclusion::Dial30Missing => 'after the dial at 30°',
            default => null,
        };
    }
}
