<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Doubt;

use GrayCompass\Inference\Echo\GroupLikelihood;
use GrayCompass\Inference\Echo\Link;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\States\Belief;

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
     * How far each figure of the link moves the log of its likelihood, state by state, is worked out once and averaged over
     * the contrast of each condition.
     *
     * @param  array<int, float>  $variances
     */
    private static function addLink(array &$variances, Link $link, Belief $after): void
    {
        $contrasts = $after->contrasts($link->result->finding->mask);
        foreach (LinkSlopes::of($link) as [$variance, $slopes]) {
            foreach ($contrasts as $k => $contrast) {
                $moved = 0.0;
                foreach ($slopes as $state => $slope) {
                    $moved += $contrast[$state] * $slope;
                }
                $variances[$k] += $variance * $moved * $moved;
            }
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
}
