<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Doubt;

use GrayCompass\Inference\Echo\GroupLikelihood;
use GrayCompass\Inference\Echo\Link;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\StateSet;

/**
 * How sure a chance is: its variance on the log-odds scale by the delta method, from the published
 * intervals of every row used, the spread between clinics and the size of the base-rate sample.
 * Held fixed: which row is the baseline, which rows are no better than chance, who leads. Not held at
 * all: doubt about echo, associations and thresholds.
 *
 * @internal
 */
final class Interval
{
    /**
     * @param  list<GroupLikelihood>  $groups
     * @return array<int, float> variance of the log-odds, one for each condition
     */
    public static function variances(Problem $problem, Belief $after, array $groups): array
    {
        $variances = self::fromBaseRates($problem, $after);
        foreach ($groups as $group) {
            foreach ($group->links as $link) {
                $rows = $link->result->finding->rows;
                if (\count($rows) === 1) {
                    self::addOneRow($variances, $link, $rows[0], $after);
                } elseif (! self::isExact($link)) {
                    self::addLink($variances, $link, $after);
                }
            }
        }

        return $variances;
    }

    /**
     * @return array<int, float>
     */
    private static function fromBaseRates(Problem $problem, Belief $after): array
    {
        $variances = array_fill(0, \count($problem->conditions), 0.0);
        $leanings = $after->leanings();
        foreach ($problem->conditions as $i => $condition) {
            if ($condition->pretestWeight === null) {
                continue;
            }
            $variance = 1 / ($condition->pretestWeight * $condition->pretest * (1 - $condition->pretest) + 1);
            foreach ($leanings[$i] as $k => $leaning) {
                $variances[$k] += $variance * $leaning * $leaning;
            }
        }

        return $variances;
    }

    private static function isExact(Link $link): bool
    {
        foreach ($link->result->finding->rows as $row) {
            if ($row->sensitivity->variance > 0 || $row->specificity->variance > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, float>  $variances
     */
    private static function addLink(array &$variances, Link $link, Belief $after): void
    {
        $finding = $link->result->finding;
        [$own, $echoed] = self::sensitivityToUndetected($link);
        $rows = RowSlopes::of($finding);
        foreach ($after->contrasts($finding->mask) as $k => $contrast) {
            $variances[$k] += self::along($contrast, $own, $echoed, $rows, $link);
        }
    }

    /**
     * With one target the two parts of a contrast cancel: one walk serves all conditions.
     *
     * @param  array<int, float>  $variances
     */
    private static function addOneRow(array &$variances, Link $link, Row $row, Belief $after): void
    {
        $unit = self::ofOneRow($link, $row);
        if ($unit > 0.0) {
            foreach ($after->leanings()[$row->condition] as $k => $leaning) {
                $variances[$k] += $unit * $leaning * $leaning;
            }
        }
    }

    /** The variance that a link with one target brings along the contrast of that target. */
    private static function ofOneRow(Link $link, Row $row): float
    {
        $absent = $present = 1.0;
        [$without, $with] = $link->result->finding->chances($link->result->outcome);
        if ($link->result->outcome === Outcome::Positive) {
            $absent = ($without - 1) / $without;
            $present = ($with - 1) / $with;
        }
        if ($link->shared !== 0) {
            // What a stronger result said already moves less; were it of another target, this would cancel.
            $rest = 1 - $link->echo;
            $absent *= $rest / ($link->echo / $without + $rest);
            $present *= $rest / ($link->echo / $with + $rest);
        }
        $positives = 1 - $row->specificity->value;
        $bySpecificity = ($present - $absent) * $positives;
        if (! $row->betterThanChance()) {
            return $row->specificity->variance * $bySpecificity * $bySpecificity;
        }
        $bySensitivity = $present * $row->sensitivity->value;
        $bySpecificity -= $present * $positives;

        return $row->sensitivity->variance * $bySensitivity * $bySensitivity
            + $row->specificity->variance * $bySpecificity * $bySpecificity;
    }

    /**
     * The variance that a link brings along a contrast of states.
     *
     * @param  array<int, float>  $contrast
     * @param  array<int, float>  $own
     * @param  array<int, float>  $echoed
     * @param  array<int, RowSlopes>  $rows
     */
    private static function along(array $contrast, array $own, array $echoed, array $rows, Link $link): float
    {
        [$all, $withTarget] = self::average($contrast, $own, $echoed, $link);
        $sum = 0.0;
        foreach ($rows as $position => $slopes) {
            $row = $link->result->finding->rows[$position];
            $bySensitivity = $withTarget[$position] * $slopes->sensitivity;
            $bySpecificity = $all * $slopes->baseline;
            foreach ($slopes->specificity as $target => $slope) {
                $bySpecificity += $withTarget[$target] * $slope;
            }
            $sum += $row->sensitivity->variance * $bySensitivity * $bySensitivity
                + $row->specificity->variance * $bySpecificity * $bySpecificity;
        }

        return $sum;
    }

    /**
     * How the log of the contribution moves with log P(negative), in the state itself and in the part
     * of it that a stronger result spoke for.
     *
     * @return array{array<int, float>, array<int, float>} by local state
     */
    private static function sensitivityToUndetected(Link $link): array
    {
        $finding = $link->result->finding;
        $negative = $finding->chances(Outcome::Negative);
        $chances = $finding->chances($link->result->outcome);
        $own = [];
        foreach ($negative as $state => $chance) {
            $own[] = $link->result->outcome === Outcome::Negative ? 1.0 : -$chance / (1 - $chance);
        }
        $echoed = [];
        foreach ($own as $state => $slope) {
            $shared = $state & $link->shared;
            $share = $link->echo / $chances[$shared];
            $echoed[] = $link->leads ? 0.0 : $share / ($share + 1 - $link->echo) * $own[$shared];
        }

        return [$own, $echoed];
    }

    /**
     * The slopes averaged over a contrast of states.
     *
     * @param  array<int, float>  $contrast
     * @param  array<int, float>  $own
     * @param  array<int, float>  $echoed
     * @return array{float, array<int, float>} over all states, and over those with each target present
     */
    private static function average(array $contrast, array $own, array $echoed, Link $link): array
    {
        $all = 0.0;
        $whole = $alone = [];
        foreach ($own as $state => $slope) {
            $alone[] = $contrast[$state] * $slope;
            $all += $whole[] = $contrast[$state] * ($slope - $echoed[$state]);
        }
        $targets = \count($link->result->finding->rows);
        if ($link->leads || $link->shared === 0) {
            return [$all, self::withEach($alone, $targets)];
        }
        $withTarget = self::withEach($whole, $targets);
        if ($link->shared !== (1 << $targets) - 1) {
            foreach (self::withEach($alone, $targets) as $position => $sum) {
                $withTarget[$position] = $link->shared >> $position & 1 ? $withTarget[$position] : $sum;
            }
        }

        return [$all, $withTarget];
    }

    /**
     * Sums over the states with each target present, the last target summed out first.
     *
     * @param  array<int, float>  $terms  by local state
     * @return array<int, float> by target
     */
    private static function withEach(array $terms, int $targets): array
    {
        $sums = [];
        for ($position = $targets - 1; $position > 0; $position--) {
            [$without, $with] = StateSet::split($terms, $position);
            $sums[$position] = \array_sum($with);
            $terms = StateSet::add($without, $with);
        }
        $sums[0] = $terms[1];

        return $sums;
    }
}
