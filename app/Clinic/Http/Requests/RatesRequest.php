<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\WeighingShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Inference\Entered\TestRates;

/** What a test is worth, told as rates, as the four counts of a study, or as likelihood ratios. */
final class RatesRequest extends ShapedRequest
{
    private const COUNTS = ['truePositive', 'falsePositive', 'falseNegative', 'trueNegative'];

    protected function shape(): Definition
    {
        return WeighingShapes::enteredRates();
    }

    protected function also(): array
    {
        return ['counts' => ['required_without_all:ratios,rates']];
    }

    /** @throws Refusal where no test is worth that */
    public function entered(): TestRates
    {
        return match (true) {
            $this->has('counts') => TestRates::ofCounts(...array_map(
                fn (string $one): int => max(0, $this->integer("counts.{$one}")), self::COUNTS,
            )),
            $this->has('ratios') => TestRates::ofRatios($this->float('ratios.positive'), $this->float('ratios.negative')),
            default => TestRates::ofRates($this->float('rates.sensitivity'), $this->float('rates.specificity')),
        };
    }
}
