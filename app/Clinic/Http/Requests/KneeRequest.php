<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Shape\Definition;

/** Which knee is hurt, and since when. */
final class KneeRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ExaminationShapes::knee();
    }

    protected function also(): array
    {
        return ['version' => ['integer:strict']];
    }

    public function hurtSide(): Side
    {
        return Side::from($this->string('hurtSide')->toString());
    }

    /** Null: it came on without an injury. */
    public function daysSinceInjury(): ?int
    {
        return $this->input('daysSinceInjury') === null ? null : $this->integer('daysSinceInjury');
    }

    /** Of the frame, as it was on screen. */
    public function seen(): int
    {
        return $this->integer('version');
    }
}
