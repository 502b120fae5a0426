<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** A word added to a signed examination. */
final class AddendumRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ExaminationShapes::newAddendum();
    }

    public function words(): string
    {
        return $this->string('words')->trim()->toString();
    }
}
