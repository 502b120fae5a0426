<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** How far the knee may be bent; case order is strictest first. */
enum Bend: string
{
    case DoNot = 'do_not';
    case DoNotForce = 'do_not_force';
    case AsItAllows = 'as_it_allows';

    /** For the athlete. */
    public function words(): string
    {
        return match ($this) {
            self::DoNot => 'Do not bend the knee until you are told to.',
            self::DoNotForce => 'Do not force the knee straight or bent.',
            self::AsItAllows => 'Bend it only as far as it goes by itself.',
        };
    }
}
