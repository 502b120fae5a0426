<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * How often each injury, and each pair of injuries, is present in a distribution over combinations.
 *
 * @internal
 */
final readonly class Moments
{
    /**
     * @param  array<int, float>  $first  by bit: how often it is present
     * @param  array<int, float>  $absent  by bit: how often it is absent, summed by itself to keep its digits
     * @param  array<int, array<int, float>>  $with  by bit: the chances with it, all higher bits summed out
     */
    private function __construct(
        public array $first,
        public array $absent,
        private array $with,
    ) {
    }

    /**
     * @param  array<int, float>  $p  chances of the 2^bits combinations, summing to 1
     */
    public static function of(array $p, int $bits): self
    {
        $first = $absent = $with = [];
        for ($bit = $bits - 1; $bit >= 0; $bit--) {
            // The highest bit is the cheapest to part by, so the others are summed out from above.
            [$without, $with[$bit]] = StateSet::split($p, $bit);
            $first[$bit] = \array_sum($with[$bit]);
            $absent[$bit] = \array_sum($without);
            $p = $bit === 0 ? [] : StateSet::add($without, $with[$bit]);
        }

        return new self($first, $absent, $with);
    }

    /**
     * How often two are present together; counted only when it is asked for.
     *
     * @return array<int, array<int, float>> by two different bits, both ways round
     */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->with as $bit => $with) {
            for ($other = $bit - 1; $other >= 0; $other--) {
                [$alone, $together] = StateSet::split($with, $other);
                $pairs[$bit][$other] = $pairs[$other][$bit] = \array_sum($together);
                $with = $other === 0 ? [] : StateSet::add($alone, $together);
            }
        }

        return $pairs;
    }

    /**
     * The change of log-tilts that would bring the first moments to `$rates` if they moved in straight
     * lines: covariance · step = rates − first, by elimination.
     *
     * @param  array<int, float>  $rates
     * @return array<int, float>
     */
    public function newtonStep(array $rates): array
    {
        $matrix = [];
        $pairs = $this->pairs();
        foreach ($rates as $i => $rate) {
            foreach ($rates as $j => $_) {
                $joint = $i === $j ? $this->first[$i] : $pairs[$i][$j];
                $matrix[$i][$j] = $joint - $this->first[$i] * $this->first[$j];
            }
            $matrix[$i][] = $rate - $this->first[$i];
        }
        $size = \count($rates);
        for ($pivot = 0; $pivot < $size; $pivot++) {
            $row = $matrix[$pivot];
            for ($below = $pivot + 1; $below < $size; $below++) {
                $share = $matrix[$below][$pivot] / $row[$pivot];
                for ($column = $pivot; $column <= $size; $column++) {
                    $matrix[$below][$column] -= $share * $row[$column];
                }
            }
        }
        $step = array_fill(0, $size, 0.0);
        for ($i = $size - 1; $i >= 0; $i--) {
            $rest = $matrix[$i][$size];
            for ($j = $i + 1; $j < $size; $j++) {
                $rest -= $matrix[$i][$j] * $step[$j];
            }
            $step[$i] = $rest / $matrix[$i][$i];
        }

        return $step;
    }
}
