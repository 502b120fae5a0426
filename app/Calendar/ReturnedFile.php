<?php

declare(strict_types=1);

namespace App\Calendar;

use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;

/** A calendar file that came back: which of our tasks stands on which days in it. */
final readonly class ReturnedFile
{
    /**
     * @return array<string, array{CarbonImmutable, CarbonImmutable}> first and last day, by task
     *
     * @throws Refusal where it is no calendar
     */
    public static function days(string $text): array
    {
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
        } catch (ParseException) {
            $calendar = null;
        }
        if (! $calendar instanceof VCalendar) {
            throw Refusal::at('content', 'this is no calendar file');
        }
        $days = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $task = $event instanceof VEvent ? self::task($event) : null;
            $first = $event instanceof VEvent ? self::day($event, 'DTSTART') : null;
            if ($event instanceof VEvent && $task !== null && $first !== null) {
                $end = self::day($event, 'DTEND');
                $days[$task] = [$first, $end === null || $end->lessThanOrEqualTo($first) ? $first : $end->subDay()];
            }
        }

        return $days;
    }

    private static function task(VEvent $event): ?string
    {
        $property = $event->select('UID')[0] ?? null;
        $uid = $property instanceof Property ? (string) $property : '';

        return str_ends_with($uid, CalendarFile::HOST) ? substr($uid, 0, -\strlen(CalendarFile::HOST)) : null;
    }

    /** Somebody may have given it an hour: its day counts, and an end within a day is the day after. */
    private static function day(VEvent $event, string $name): ?CarbonImmutable
    {
        $property = $event->select($name)[0] ?? null;
        if (! $property instanceof DateTime) {
            return null;
        }
        $moment = CarbonImmutable::instance($property->getDateTime());
        $isPartOfDay = $name === 'DTEND' && $property->hasTime() && $moment->format('His') !== '000000';
        $day = CarbonImmutable::parse($moment->format('Y-m-d'));

        return $isPartOfDay ? $day->addDay() : $day;
    }
}
