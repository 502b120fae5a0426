<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\AthleteFiles;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Named;

/** Why somebody's record is erased. */
final class ErasureRequest extends ShapedRequest
{
    protected function shape(): Named
    {
        return AthleteFiles::erasure();
    }

    public function reason(): string
    {
        return $this->string('reason')->squish()->toString();
    }
}
