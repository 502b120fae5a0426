<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** One whole combination of injuries and its chance. */
final class Picture
{
    private const TIE = 1e-12;

    private const SHOWN = 5;

    /**
     * @param  list<int>  $present  condition positions, ascending
     */
    public function __construct(public readonly array $present, public readonly float $probability)
    {
    }

    /**
     * The five likeliest; of equals the one with fewer injuries, then the one whose injuries come first.
     *
     * @return list<self>
     */
    public static function likeliest(Belief $belief): array
    {
        $states = $belief->states;
        arsort($states);
        $least = array_values($states)[min(self::SHOWN, count($states)) - 1] - self::TIE;
        $pictures = [];
        foreach ($states as $state => $chance) {
            if ($chance < $least) {
                break;
            }
            $pictures[] = new self(StateSet::members($state), $chance);
        }
        usort($pictures, self::compare(...));

        return array_slice($pictures, 0, self::SHOWN);
    }

    private static function compare(self $a, self $b): int
    {
        if (abs($a->probability - $b->probability) > self::TIE) {
            return $b->probability <=> $a->probability;
        }

        return count($a->present) <=> count($b->present) ?: $a->present <=> $b->present;
    }
}
