<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Entered\TestRates;
use Illuminate\Foundation\Http\FormRequest;

/** What a test is worth, told as rates, as the four counts of a study, or as likelihood ratios. */
final class RatesRequest extends FormRequest
{
    private const COUNTS = ['truePositive', 'falsePositive', 'falseNegative', 'trueNegative'];

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        $count = ['required_with:counts', 'integer', 'min:0', 'max:1000000'];
        $figure = static fn (string $of): array => ["required_with:{$of}", 'numeric'];

        return [
            'counts' => ['required_without_all:ratios,rates', 'array:'.implode(',', self::COUNTS)],
            ...array_fill_keys(array_map(static fn (string $one): string => "counts.{$one}", self::COUNTS), $count),
            'ratios' => ['sometimes', 'array:positive,negative'],
            'ratios.positive' => $figure('ratios'),
            'ratios.negative' => $figure('ratios'),
            'rates' => ['sometimes', 'array:sensitivity,specificity'],
            'rates.sensitivity' => $figure('rates'),
            'rates.specificity' => $figure('rates'),
        ];
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
