<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Doubt;

use GrayCompass\Inference\Echo\Link;
use GrayCompass\Inference\Model\Outcome;

/**
 * How the log of what a link with several targets contributes moves with each figure behind it, in each local state of its
 * targets.
 *
 * @internal
 */
final class LinkSlopes
{
    /**
     * Of each sensitivity and specificity that is in doubt.
     *
     * @return list<array{float, array<int, float>}> its variance and its slopes by local state, both on the logit scale
     */
    public static function of(Link $link): array
    {
        $finding = $link->result->finding;
        [$own, $rest] = self::toUndetected($link);
        // What a stronger result spoke for moves less; were nothing shared, the difference would cancel over a contrast.
        $isEcho = ! $link->leads && $link->shared !== 0;
        $slopes = [];
        foreach (RowSlopes::of($finding) as $position => $of) {
            $row = $finding->rows[$position];
            $bySensitivity = $bySpecificity = [];
            foreach ($own as $state => $slope) {
                $specificity = $rest[$state] * $of->baseline;
                foreach ($of->specificity as $target => $more) {
                    if ($state >> $target & 1) {
                        $specificity += ($isEcho && $link->shared >> $target & 1 ? $rest[$state] : $slope) * $more;
                    }
                }
                $bySpecificity[] = $specificity;
                $bySensitivity[] = $state >> $position & 1
                    ? ($isEcho && $link->shared >> $position & 1 ? $rest[$state] : $slope) * $of->sensitivity
                    : 0.0;
            }
            if ($row->sensitivity->variance > 0) {
                $slopes[] = [$row->sensitivity->variance, $bySensitivity];
            }
            if ($row->specificity->variance > 0) {
                $slopes[] = [$row->specificity->variance, $bySpecificity];
            }
        }

        return $slopes;
    }

    /**
     * How the log of the contribution moves with log P(negative): in the state itself, and there less what a stronger
     * result said already.
     *
     * @return array{array<int, float>, array<int, float>} by local state
     */
    private static function toUndetected(Link $link): array
    {
        $finding = $link->result->finding;
        $chances = $finding->chances($link->result->outcome);
        $own = $rest = [];
        foreach ($finding->chances(Outcome::Negative) as $chance) {
            $own[] = $link->result->outcome === Outcome::Negative ? 1.0 : -$chance / (1 - $chance);
        }
        if ($link->leads) {
            return [$own, $own];
        }
        foreach ($own as $state => $slope) {
            $shared = $state & $link->shared;
            $share = $link->echo / $chances[$shared];
            $rest[] = $slope - $share / ($share + 1 - $link->echo) * $own[$shared];
        }

        return [$own, $rest];
    }
}
