<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\AthleteFileShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Why someone's record is erased. */
final class ErasureRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return AthleteFileShapes::erasure();
    }

    public function reason(): string
    {
        return $this->string('reason')->squish()->toString();
    }
}
