<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Agreement;

/** How much two neighbouring categories count as agreement. */
enum Weights: string
{
    case None = 'none';
    case Linear = 'linear';
    case Quadratic = 'quadratic';

    /**
     * @param  int  $categories  two or more
     * @return float 1 for the same category, 0 for the farthest apart
     */
    public function of(int $one, int $other, int $categories): float
    {
        $apart = \abs($one - $other) / ($categories - 1);

        return match ($this) {
            self::None => $one === $other ? 1.0 : 0.0,
            self::Linear => 1 - $apart,
            self::Quadratic => 1 - $apart * $apart,
        };
    }
}
