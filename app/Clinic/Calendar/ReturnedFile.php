<?php

declare(strict_types=1);

namespace App\Clinic\Calendar;

use App\Access\Teams\TeamDays;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Property\ICalendar\Duration;
use Sabre\VObject\Reader;
use Throwable;

/** A calendar file that came back: which of our tasks stands on which days in it. */
final readonly class ReturnedFile
{
    /**
     * @return array<string, array{CarbonImmutable, CarbonImmutable}|null> first and last day, by task; null: unreadable
     *
     * @throws Refusal where it is no calendar
     */
    public static function days(string $text): array
    {
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
        } catch (Throwable) {
            // The reader throws whatever it stumbles over.
            $calendar = null;
        }
        if (! $calendar instanceof VCalendar) {
            throw Refusal::at('content', __('clinic.returnedFile.this_is_not_a_calendar_file'));
        }
        $days = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $task = $event instanceof VEvent ? self::task($event) : null;
            if ($event instanceof VEvent && $task !== null) {
                $days[$task] = self::span($event);
            }
        }

        return $days;
    }

    /**
     * @return array{CarbonImmutable, CarbonImmutable}|null
     */
    private static function span(VEvent $event): ?array
    {
        try {
            $first = self::day($event, 'DTSTART');
            $end = self::day($event, 'DTEND') ?? self::after($event, $first);
        } catch (Throwable) {
            return null;
        }
        if ($first === null) {
            return null;
        }

        return [$first, $end === null || $end->lessThanOrEqualTo($first) ? $first : $end->subDay()];
    }

    /** Some calendars write how long it lasts in place of its end. */
    private static function after(VEvent $event, ?CarbonImmutable $first): ?CarbonImmutable
    {
        $property = $event->select('DURATION')[0] ?? null;

        return $first !== null && $property instanceof Duration ? $first->add($property->getDateInterval()) : null;
    }

    private static function task(VEvent $event): ?string
    {
        $property = $event->select('UID')[0] ?? null;
        $uid = $property instanceof Property ? (string) $property : '';

        return str_ends_with($uid, CalendarFile::HOST) ? substr($uid, 0, -\strlen(CalendarFile::HOST)) : null;
    }

    /** Someone may have given it an hour: its day counts, and an end within a day is the day after. */
    private static function day(VEvent $event, string $name): ?CarbonImmutable
    {
        $property = $event->select($name)[0] ?? null;
        if (! $property instanceof DateTime) {
            return null;
        }
        $moment = CarbonImmutable::instance($property->getDateTime());
        // A day stands as it is; an hour belongs to the day that it is here.
        $moment = $property->hasTime() ? $moment->setTimezone(TeamDays::here()->zone) : $moment;
        $isPartOfDay = $name === 'DTEND' && $property->hasTime() && $moment->format('His') !== '000000';
        $day = CarbonImmutable::parse($moment->format('Y-m-d'));

        return $isPartOfDay ? $day->addDay() : $day;
    }
}
