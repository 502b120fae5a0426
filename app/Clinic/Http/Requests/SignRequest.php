<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** What was on screen when someone signed, and why without the gate where it is not answered. */
final class SignRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ExaminationShapes::signature();
    }

    protected function also(): array
    {
        return ['revision' => ['integer:strict']];
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }

    public function ungated(): ?string
    {
        return $this->filled('ungated') ? $this->string('ungated')->toString() : null;
    }
}
