<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * How often one finding is positive in each combination of the injuries that it speaks of.
 *
 * The specificity of the most specific row is the baseline: what happens in a knee with none of them.
 * Each injury then detects on its own, and any of them is enough ("noisy or"): with u_i the share of
 * knees with injury i that it leaves undetected, P(+|s) = 1 − sp · Π_{i in s} u_i.
 *
 * Local states number the combinations of the finding's own targets: bit 0 is its first target in the
 * order of the problem's conditions.
 *
 * @internal
 */
final readonly class Finding
{
    private const CERTAINTY = 1e-9;

    /** @var list<Row> in the order of the problem's conditions */
    public array $rows;

    /** The targets as a set of condition positions: bit i stands for condition i. */
    public int $mask;

    /** Position in `rows` of the row with the highest specificity. */
    public int $baseline;

    /** @var array<int, float> P(positive) for each local state, in [1e-9, 1 − 1e-9] */
    private array $positive;

    /** @var array<int, float> P(negative), likewise */
    private array $negative;

    /**
     * @param  non-empty-list<Row>  $rows  one for each target condition
     */
    public function __construct(public string $id, array $rows)
    {
        if (\count($rows) > 1) {
            usort($rows, static fn (Row $a, Row $b): int => $a->condition <=> $b->condition);
        }
        $mask = 0;
        $baseline = 0;
        $specificity = 0.0;
        foreach ($rows as $position => $row) {
            $mask |= 1 << $row->condition;
            if ($row->specificity->value > $specificity) {
                $baseline = $position;
                $specificity = $row->specificity->value;
            }
        }
        $this->rows = $rows;
        $this->mask = $mask;
        $this->baseline = $baseline;
        $negative = [$specificity];
        foreach ($rows as $position => $row) {
            $alone = $position === $baseline ? $row->detection : $row->ratio(Outcome::Positive) * (1 - $specificity);
            $undetected = (1 - $alone) / $specificity;
            foreach ($negative as $without) {
                $negative[] = $without * $undetected;
            }
        }
        $positive = [];
        foreach ($negative as $state => $chance) {
            if ($chance < self::CERTAINTY || $chance > 1 - self::CERTAINTY) {
                $chance = $negative[$state] = $chance < self::CERTAINTY ? self::CERTAINTY : 1 - self::CERTAINTY;
            }
            $positive[] = 1 - $chance;
        }
        $this->positive = $positive;
        $this->negative = $negative;
    }

    public function baselineSpecificity(): float
    {
        return $this->rows[$this->baseline]->specificity->value;
    }

    /** P_i: the chance of a positive with the target at this position alone. */
    public function detectionAlone(int $position): float
    {
        $row = $this->rows[$position];

        return $position === $this->baseline
            ? $row->detection
            : $this->ratioAgainstBaseline($position) * (1 - $this->baselineSpecificity());
    }

    /** sens / (1 − spec) of a row: its positive likelihood ratio, at least 1. */
    public function ratioAgainstBaseline(int $position): float
    {
        return $this->rows[$position]->ratio(Outcome::Positive);
    }

    /**
     * P(outcome | state) for each local state.
     *
     * @return array<int, float>
     */
    public function chances(Outcome $outcome): array
    {
        return $outcome === Outcome::Positive ? $this->positive : $this->negative;
    }

    /** The row that speaks of a condition, or null. */
    public function rowFor(int $condition): ?Row
    {
        if (! ($this->mask >> $condition & 1)) {
            return null;
        }
        foreach ($this->rows as $row) {
            if ($row->condition === $condition) {
                return $row;
            }
        }

        return null;
    }
}
