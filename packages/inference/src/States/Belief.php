<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Problem;

/**
 * The chance of every combination of injuries, given some results. Immutable but for its memory of sums.
 *
 * @internal
 */
final class Belief
{
    /** States rarer than the likeliest by more than this (natural log) count as exactly so rare. */
    private const FAINTEST = 700.0;

    /** Below this chance the faintest states count, and log-odds are had from logs. */
    private const FAINT = 1e-152;

    /** Conditions in one wide set of sums: more take longer to sum down again than to sum afresh. */
    private const WIDE = 5;

    /** Below this chance of absence, absent states are summed apart, so that they keep their digits. */
    private const NEARLY_CERTAIN = 1e-6;

    /** @var array<int, float>|null */
    private ?array $states = null;

    /** @var array<int, Marginals> */
    private array $marginals = [];

    /** @var array<int, array<int, float>> */
    private array $sums = [];

    /** @var array<int, list<array<int, float>>> */
    private array $contrasts = [];

    private ?Moments $moments = null;

    /** @var array<int, array<int, float>>|null */
    private ?array $leanings = null;

    /**
     * @param  array<int, float>  $log  natural log of P(s) up to a constant
     */
    private function __construct(private readonly array $log, public readonly int $conditions)
    {
    }

    /** Base rates and associations, before any result. */
    public static function before(Problem $problem): self
    {
        return new self(StatesBefore::log($problem), \count($problem->conditions));
    }

    /**
     * What log() gave before: nothing is fitted again.
     *
     * @param  array<int, float>  $log
     * @param  int  $conditions  of which it holds every combination
     */
    public static function from(array $log, int $conditions): self
    {
        return new self($log, $conditions);
    }

    /**
     * Natural log of P(s) up to a constant, to be kept where it costs nothing to read again.
     *
     * @return array<int, float> by state
     */
    public function log(): array
    {
        return $this->log;
    }

    /**
     * The same with these factors multiplied in.
     *
     * @param  list<Factor>  $factors
     */
    public function with(array $factors): self
    {
        return new self(Factor::onto((1 << $this->conditions) - 1, $factors, $this->log), $this->conditions);
    }

    /**
     * P(s) for each of the 2ⁿ states, summing to 1.
     *
     * @return array<int, float>
     */
    public function states(): array
    {
        if ($this->states !== null) {
            return $this->states;
        }
        $largest = $this->log === [] ? 0.0 : \max($this->log);
        $states = [];
        $total = 0.0;
        foreach ($this->log as $value) {
            $below = $value - $largest;
            $total += $states[] = \exp($below < -self::FAINTEST ? -self::FAINTEST : $below);
        }
        foreach ($states as $state => $weight) {
            $states[$state] = $weight / $total;
        }

        return $this->states = $states;
    }

    /**
     * Sums over a few wide sets first, from which the sums over these ones can be had.
     *
     * @param  list<int>  $masks
     */
    public function foresee(array $masks): void
    {
        usort($masks, static fn (int $a, int $b): int => StateSet::size($b) <=> StateSet::size($a));
        $wide = [];
        foreach ($masks as $mask) {
            foreach ($wide as $at => $other) {
                if (($mask & $other) === $mask || StateSet::size($mask | $other) <= self::WIDE) {
                    $wide[$at] = $mask | $other;

                    continue 2;
                }
            }
            $wide[] = $mask;
        }
        foreach ([...$wide, ...$masks] as $mask) {
            $this->marginals($mask);
        }
    }

    /** The chance of one condition if this factor came in; its mask holds the condition. */
    public function chanceWith(Factor $factor, int $condition): float
    {
        $bit = StateSet::local($factor->mask, 1 << $condition);
        $sides = [0.0, 0.0];
        foreach ($this->over($factor->mask) as $state => $chance) {
            $sides[$state & $bit ? 1 : 0] += $chance * \exp($factor->log[$state]);
        }

        return $sides[1] / ($sides[0] + $sides[1]);
    }

    /**
     * P(t) for each local state of a set of conditions.
     *
     * @return array<int, float>
     */
    public function over(int $mask): array
    {
        return $this->sums[$mask] ??= $this->widerThan($mask)?->narrowedTo($mask)->all
            ?? Marginals::sums($this->states(), $this->conditions, $mask);
    }

    /** Log-odds of one condition, from the sums over states with and without it. */
    public function logOdds(int $condition): float
    {
        [$absent, $present] = [$this->moments()->absent[$condition], $this->moments()->first[$condition]];

        return $present > self::FAINT
            && $absent > self::FAINT ? \log($present / $absent) : $this->faintLogOdds($condition);
    }

    /**
     * P(one condition and at least one of others), in [0, 1].
     *
     * @param  list<int>  $others  positions
     */
    public function joint(int $condition, array $others): float
    {
        $any = 0;
        foreach ($others as $other) {
            $any |= 1 << $other;
        }
        $sum = 0.0;
        foreach ($this->states() as $state => $chance) {
            if ($state >> $condition & 1 && $state & $any) {
                $sum += $chance;
            }
        }

        return $sum;
    }

    public function chance(int $condition): float
    {
        return Logit::chance($this->logOdds($condition));
    }

    /**
     * How far the chance of each condition i hangs on each condition k: P(i | k present) − P(i | k absent).
     *
     * @return array<int, array<int, float>> by i, then k; 1 where they are the same
     */
    public function leanings(): array
    {
        if ($this->leanings !== null) {
            return $this->leanings;
        }
        $moments = $this->moments();
        [$first, $pairs, $leanings] = [$moments->first, $moments->pairs(), []];
        foreach ($moments->absent as $k => $absent) {
            $leanings[$k][$k] = 1.0;
            foreach ($pairs[$k] ?? [] as $i => $both) {
                $leanings[$i][$k] = $absent < self::NEARLY_CERTAIN
                    ? $this->contrast($k, 1 << $i)[1]
                    : $both / $first[$k] - ($first[$i] - $both) / $absent;
            }
        }

        return $this->leanings = $leanings;
    }

    /**
     * For each condition k, P(t | k present) − P(t | k absent) over the local states of a set.
     *
     * @return list<array<int, float>>
     */
    public function contrasts(int $mask): array
    {
        return $this->contrasts[$mask] ??= array_map(
            fn (int $k): array => $this->contrast($k, $mask),
            range(0, $this->conditions - 1),
        );
    }

    /**
     * @return array<int, float>
     */
    private function contrast(int $k, int $mask): array
    {
        $marginals = $this->marginals($mask);
        $present = \array_sum($marginals->present[$k]);
        $absent = 1 - $present;
        $without = null;
        if ($absent < self::NEARLY_CERTAIN) {
            $states = $this->states();
            foreach ($states as $state => $_) {
                $states[$state] = $state >> $k & 1 ? 0.0 : $states[$state];
            }
            $without = Marginals::sums($states, $this->conditions, $mask);
            $absent = \array_sum($without);
        }
        $contrast = [];
        foreach ($marginals->present[$k] as $state => $with) {
            $contrast[] = $with / $present - ($without === null
                ? $marginals->all[$state] - $with
                : $without[$state]) / $absent;
        }

        return $contrast;
    }

    /** The chances over a set of conditions, alone and together with each other condition. */
    public function marginals(int $mask): Marginals
    {
        return $this->marginals[$mask] ??= $this->widerThan($mask)?->narrowedTo($mask)
            ?? Marginals::of($this->states(), $this->conditions, $mask);
    }

    /** The narrowest sums at hand that hold these conditions too. */
    private function widerThan(int $mask): ?Marginals
    {
        $narrowest = null;
        foreach ($this->marginals as $wide => $marginals) {
            if (
                ($wide & $mask) === $mask
                && ($narrowest === null || \count($marginals->all) < \count($narrowest->all))
            ) {
                $narrowest = $marginals;
            }
        }

        return $narrowest;
    }

    private function moments(): Moments
    {
        return $this->moments ??= Moments::of($this->states(), $this->conditions);
    }

    private function faintLogOdds(int $condition): float
    {
        [$absent, $present] = StateSet::split($this->log, $condition);

        return self::logOfSum($present) - self::logOfSum($absent);
    }

    /**
     * @param  array<int, float>  $logs
     */
    private static function logOfSum(array $logs): float
    {
        $largest = $logs === [] ? 0.0 : \max($logs);
        $total = 0.0;
        foreach ($logs as $log) {
            $total += \exp($log - $largest);
        }

        return $largest + \log($total);
    }
}
