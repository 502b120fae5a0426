<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\Calendars;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Named;

/** A calendar of one's own, or a file that came back from one. */
final class CalendarRequest extends ShapedRequest
{
    protected function shape(): Named
    {
        return $this->isMethod('PUT') ? Calendars::newCalendar() : Calendars::calendarText();
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
