<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Where a device that judged by itself came to another assessment. */
final class DifferenceRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ExaminationShapes::difference();
    }

    public function path(): string
    {
        return $this->string('path')->toString();
    }

    public function archive(): string
    {
        return $this->string('archive')->toString();
    }
}
