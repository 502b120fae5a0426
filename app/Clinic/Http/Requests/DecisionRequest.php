<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\TaskShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Whether a proposal is taken over, and if not, why. */
final class DecisionRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return TaskShapes::decision();
    }

    protected function also(): array
    {
        return ['take' => ['boolean:strict'], 'why' => ['required_if:take,false']];
    }

    public function takes(): bool
    {
        return $this->boolean('take');
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }
}
