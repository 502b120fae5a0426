<?php

declare(strict_types=1);

namespace App\Clinic\Calendar;

use App\Clinic\Models\Task;
use App\Clinic\Values\TaskState;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Component\VTimeZone;

/** What is due as iCalendar, RFC 5545: days or windows of days, with no clinical word unless someone wants them. */
final readonly class CalendarFile
{
    public const TYPE = 'text/calendar; charset=utf-8';

    /** After a task's id in its UID. */
    public const HOST = '@gray-compass';

    private const NAME = '-//Gray Compass//What is due//EN';

    /**
     * @param  bool  $inWords  names and reasons in the titles; else initials alone
     */
    public function __construct(private bool $inWords)
    {
    }

    /**
     * @param  iterable<Task>  $tasks  with their athletes
     */
    public function of(iterable $tasks): string
    {
        $calendar = new VCalendar([
            'PRODID' => self::NAME, 'X-WR-CALNAME' => 'Gray Compass', 'REFRESH-INTERVAL;VALUE=DURATION' => 'PT1H',
        ]);
        foreach ($tasks as $task) {
            $last = $task->due_on ?? $task->due_from;
            if ($last !== null) {
                $this->add($calendar, $task, $task->due_from ?? $last, $last);
            }
        }

        if ($calendar->select('VEVENT') === []) {
            // One without any component is none, RFC 5545 section 3.6.
            $zone = new VTimeZone($calendar, 'VTIMEZONE', ['TZID' => 'UTC'], false);
            $zone->add(new Component($calendar, 'STANDARD', [
                'DTSTART' => '19700101T000000', 'TZOFFSETFROM' => '+0000', 'TZOFFSETTO' => '+0000',
            ], false));
            $calendar->add($zone);
        }

        return $calendar->serialize();
    }

    private function add(VCalendar $calendar, Task $task, CarbonImmutable $first, CarbonImmutable $last): void
    {
        $changed = $task->updated_at ?? $task->created_at ?? $last;
        $calendar->add($event = new VEvent($calendar, 'VEVENT', [
            'UID' => $task->id.self::HOST,
            'DTSTAMP' => $changed->utc(),
            'LAST-MODIFIED' => $changed->utc(),
            'SUMMARY' => $this->title($task),
            'TRANSP' => 'TRANSPARENT',
            'CLASS' => 'PRIVATE',
            'STATUS' => $task->state === TaskState::Sent ? 'TENTATIVE' : 'CONFIRMED',
            'URL' => url("/athletes/{$task->athlete_id}"),
        ]));
        $event->add('DTSTART', $first->format('Ymd'), ['VALUE' => 'DATE']);
        // The end of a day stands for the day after it.
        $event->add('DTEND', $last->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
        if ($this->inWords && $task->content['why'] !== '') {
            $event->add('DESCRIPTION', $task->content['why']);
        }
    }

    private function title(Task $task): string
    {
        $name = $task->athlete->name;
        if ($this->inWords) {
            return "{$name}: {$task->content['title']}";
        }
        $letters = array_map(
            static fn (string $part): string => mb_strtoupper(mb_substr($part, 0, 1)).'.',
            preg_split('/\s+/', trim($name)) ?: [],
        );

        return __('clinic.calendarFile.is_due', ['initials' => implode(' ', $letters)]);
    }
}
