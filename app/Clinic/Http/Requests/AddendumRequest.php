<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\Examinations;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Named;

/** A word added to a signed examination. */
final class AddendumRequest extends ShapedRequest
{
    protected function shape(): Named
    {
        return Examinations::newAddendum();
    }

    public function words(): string
    {
        return $this->string('words')->trim()->toString();
    }
}
