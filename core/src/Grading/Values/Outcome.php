<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/** What a reading says, before it is asked whether it counts. */
enum Outcome: string
{
    case Positive = 'positive';
    case Negative = 'negative';
    case Equivocal = 'equivocal';

    public static function of(bool $positive): self
    {
        return $positive ? self::Positive : self::Negative;
    }
}
