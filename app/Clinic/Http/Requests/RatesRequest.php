<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\WeighingShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Json;
use GrayCompass\Document\Shape\Definition;

/** What a test is worth, told as rates, as the four counts of a study, or as likelihood ratios. */
final class RatesRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return WeighingShapes::enteredRates();
    }

    protected function also(): array
    {
        return ['counts' => ['required_without_all:ratios,rates']];
    }

    /** As it was sent, each number as a number. */
    public function entered(): mixed
    {
        return Json::read((string) $this->getContent());
    }
}
