<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Weighing;

/**
 * Figures of one's own: every knee is counted, and what nobody looked into is filled in by its chance under published
 * figures, in one pass; then published figures and counts are put together, with one strength for all rows.
 */
final readonly class OwnFigures
{
    /** Of the published figures; the likeliest is used, of equals the larger. */
    public const STRENGTHS = [0.5, 1.0, 2.0, 4.0, 8.0, 16.0, 32.0];

    private const DECIMALS = 9;

    /**
     * @param  list<OwnRow>  $rows  by finding: its targets, and then its specificity
     */
    private function __construct(public array $rows)
    {
    }

    /**
     * @param  list<Finding>  $findings  with the published figures
     * @param  iterable<Knee>  $knees
     */
    public static function of(array $findings, iterable $knees): self
    {
        $rows = [];
        $counts = [];
        foreach ($findings as $finding) {
            foreach ($finding->rows as $position => $row) {
                $rows[] = new OwnRow(
                    $finding->id, $row->condition, $finding->detectionAlone($position), $row->sensitivity->variance,
                    $counts[$finding->id][1 << $row->condition] = new Counts,
                );
            }
            $baseline = $finding->rows[$finding->baseline]->specificity;
            $rows[] = new OwnRow($finding->id, null, $baseline->value, $baseline->variance, $counts[$finding->id][0] = new Counts);
        }
        foreach ($knees as $knee) {
            self::count($knee, $findings, $counts);
        }

        return new self($rows);
    }

    /** @return list<float> ln of how well each strength foretold the counts, to 9 digits */
    public function logLikelihoods(): array
    {
        return array_map(fn (float $strength): float => round(\array_sum(array_map(
            static fn (OwnRow $row): float => $row->logLikelihood($strength),
            $this->rows,
        )), self::DECIMALS), self::STRENGTHS);
    }

    public function strength(): float
    {
        $logs = $this->logLikelihoods();
        $best = 0;
        foreach ($logs as $place => $log) {
            $best = $log >= $logs[$best] ? $place : $best;
        }

        return self::STRENGTHS[$best];
    }

    /** The figure of a row; a sensitivity is at least what chance alone gives. */
    public function own(OwnRow $row): float
    {
        $strength = $this->strength();
        if ($row->target === null) {
            return $row->own($strength);
        }
        foreach ($this->rows as $other) {
            if ($other->finding === $row->finding && $other->target === null) {
                return $row->own($strength, 1 - $other->own($strength));
            }
        }

        return $row->own($strength);
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<string, array<int, Counts>>  $counts  by finding, and state of its targets
     */
    private static function count(Knee $knee, array $findings, array $counts): void
    {
        $weights = self::weights($knee);
        foreach ($findings as $finding) {
            $isPositive = $knee->results[$finding->id] ?? null;
            if ($isPositive === null) {
                continue;
            }
            $isVerified = true;
            foreach ($finding->rows as $row) {
                $isVerified = $isVerified && ($knee->answers[$row->condition]->isHard ?? false);
            }
            $shares = array_fill_keys(array_keys($counts[$finding->id]), 0.0);
            foreach ($weights as $state => $weight) {
                $alone = $state & $finding->mask;
                isset($shares[$alone]) && $shares[$alone] += $weight;
            }
            foreach ($shares as $alone => $share) {
                $counts[$finding->id][$alone]->add($share, $isPositive, $isVerified);
            }
        }
    }

    /** @return array<int, float> the chance of each state, after its results and what a reference said */
    private static function weights(Knee $knee): array
    {
        $weights = Weighing::belief($knee->problem)->states();
        foreach ($weights as $state => $weight) {
            foreach ($knee->answers as $condition => $answer) {
                $weight *= $answer->chance(($state >> $condition & 1) === 1);
            }
            $weights[$state] = $weight;
        }
        $total = \array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $total, $weights);
    }
}
