<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Whether a test that could not tell may be done again today, and how.
 *
 * @internal
 */
final class SecondTry
{
    /** How to mend it; null where today cannot. */
    public static function way(Exclusion $code): ?Sentence
    {
        return match ($code) {
            Exclusion::FootMoved, Exclusion::ThighMoved, Exclusion::AngleBetween, Exclusion::DoesNotFit,
            Exclusion::WithinHandError, Exclusion::WithinInstrumentError, Exclusion::OtherKneeMissing,
            Exclusion::HamstringsGuarded, Exclusion::QuadricepsGuarded, Exclusion::SagUncorrected, Exclusion::TooFewRepetitions,
            Exclusion::Dial30Missing => new Sentence("again.{$code->value}"),
            default => null,
        };
    }
}
