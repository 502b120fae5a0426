<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Doubt;

use GrayCompass\Inference\Model\Finding;

/**
 * How log P(negative | s) moves with one row's sensitivity and specificity, both on the logit scale.
 * log P(negative | s) = log sp + Σ_{i in s} (log(1 − P_i) − log sp), so each figure acts through the
 * states that hold its target, and the baseline specificity through all.
 *
 * @internal
 */
final readonly class RowSlopes
{
    /**
     * @param  float  $sensitivity  slope in states with the row's target
     * @param  float  $baseline  slope of the specificity in every state
     * @param  array<int, float>  $specificity  slope of the specificity in states with the target at each position
     */
    private function __construct(
        public float $sensitivity,
        public float $baseline,
        public array $specificity,
    ) {
    }

    /**
     * @return list<self> one for each row
     */
    public static function of(Finding $finding): array
    {
        $slopes = [];
        foreach ($finding->rows as $position => $row) {
            $slopes[] = $position === $finding->baseline
                ? self::ofBaseline($finding, $position)
                : self::ofOther($finding, $position);
        }

        return $slopes;
    }

    private static function ofBaseline(Finding $finding, int $position): self
    {
        $row = $finding->rows[$position];
        $specificity = $row->specificity->value;
        $scale = $specificity * (1 - $specificity);
        $perTarget = [];
        foreach ($finding->rows as $other => $otherRow) {
            if (! $otherRow->betterThanChance()) {
                continue;
            }
            $perTarget[$other] = -$scale / $specificity;
            if ($other !== $position) {
                $perTarget[$other] += $scale * $finding->ratioAgainstBaseline($other) / (1 - $finding->detectionAlone(
                    $other,
                ));
            }
        }
        $sensitivity = $row->betterThanChance() ? -$row->sensitivity->value : 0.0;

        return new self($sensitivity, $scale / $specificity, $perTarget);
    }

    private static function ofOther(Finding $finding, int $position): self
    {
        $row = $finding->rows[$position];
        if (! $row->betterThanChance()) {
            return new self(0.0, 0.0, []);
        }
        $odds = $finding->detectionAlone($position) / (1 - $finding->detectionAlone($position));

        return new self(
            -$odds * (1 - $row->sensitivity->value),
            0.0,
            [$position => -$odds * $row->specificity->value],
        );
    }
}
