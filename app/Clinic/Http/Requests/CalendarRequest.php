<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\CalendarShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** A calendar of one's own, or a file that came back from one. */
final class CalendarRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return $this->isMethod('PUT') ? CalendarShapes::newCalendar() : CalendarShapes::calendarText();
    }

    public function inWords(): bool
    {
        return $this->boolean('inWords');
    }

    public function text(): string
    {
        return $this->string('content')->toString();
    }
}
