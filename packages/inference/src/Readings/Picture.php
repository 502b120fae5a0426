<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\StateSet;

/**
 * One whole combination of injuries and its chance.
 *
 * @internal
 */
final readonly class Picture
{
    private const TIE = 1e-12;

    private const SHOWN = 5;

    /**
     * @param  list<int>  $present  condition positions, ascending
     */
    public function __construct(public array $present, public float $probability)
    {
    }

    /**
     * The five likeliest; of equals the one with fewer injuries, then the one whose injuries come first.
     *
     * @return list<self>
     */
    public static function likeliest(Belief $belief): array
    {
        $states = $belief->states();
        $few = \count($states) <= self::SHOWN;
        $least = $few ? 0.0 : self::leastShown($states) - self::TIE;
        $pictures = [];
        foreach ($states as $state => $chance) {
            if ($chance >= $least) {
                $pictures[] = new self(StateSet::members($state), $chance);
            }
        }
        usort($pictures, self::compare(...));

        return $few ? $pictures : \array_slice($pictures, 0, self::SHOWN);
    }

    /**
     * @param  array<int, float>  $states
     */
    private static function leastShown(array $states): float
    {
        $top = [];
        $least = -1.0;
        foreach ($states as $chance) {
            if ($chance > $least || \count($top) < self::SHOWN) {
                $top[] = $chance;
                rsort($top);
                $top = \array_slice($top, 0, self::SHOWN);
                $least = $top[\count($top) - 1];
            }
        }

        return $least;
    }

    private static function compare(self $a, self $b): int
    {
        if (\abs($a->probability - $b->probability) > self::TIE) {
            return $b->probability <=> $a->probability;
        }

        return \count($a->present) <=> \count($b->present) ?: $a->present <=> $b->present;
    }
}
