<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Calendar\CalendarFile;
use App\Clinic\Models\Calendar;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** What is due, in calendars of people's own. */
final class CalendarTest extends FeatureTestCase
{
    public function test_a_calendar_reads_what_is_due_as_days_without_a_clinical_word(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        [$user, $task] = $this->due('ring about the torn ligament', '2026-05-14');
        $this->putJson("/api/tasks/{$task->id}", ['state' => 'open', 'dueOn' => '2026-05-15'])->assertOk();
        $calendar = $this->read($this->opened(false));
        self::assertCount(1, $calendar->select('VEVENT'));
        $event = $calendar->VEVENT;
        self::assertSame(["{$task->id}@gray-compass", 'M. A. is due', '20260515', '20260516'], array_map(strval(...), [
            $event->UID, $event->SUMMARY, $event->DTSTART, $event->DTEND,
        ]));
        self::assertSame('DATE', (string) $event->DTSTART['VALUE']);
        self::assertStringNotContainsString('ligament', $calendar->serialize());

        $named = $this->read($this->opened(true));
        self::assertSame('Mirre Aldous: ring about the torn ligament', (string) $named->VEVENT->SUMMARY);
        $this->actingAs($user)->putJson("/api/tasks/{$task->id}", ['state' => 'done'])->assertOk();
        self::assertCount(0, $this->read($this->opened(true))->select('VEVENT'));
    }

    public function test_an_address_opens_nothing_after_another_was_made_or_its_person_has_left(): void
    {
        [$user] = $this->due('ring', now()->toDateString());
        $first = $this->opened(false);
        $second = $this->opened(false);
        self::assertStringNotContainsString(basename($second), (string) json_encode(DB::table('calendars')->get()));
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        $this->get($first)->assertNotFound();
        $this->get($second)->assertOk();
        self::assertNotNull(Calendar::query()->firstOrFail()->read_at);
        $user->present()->update(['role' => Role::Coach]);
        $this->get($second)->assertNotFound();
        $user->present()->update(['role' => Role::Practitioner]);
        $this->actingAs($user->refresh())->deleteJson('/api/calendar')->assertNoContent();
        $this->get($second)->assertNotFound();
    }

    public function test_nothing_of_another_team_stands_in_it(): void
    {
        $this->due('ring', now()->toDateString());
        $this->actingAs($this->member('Marsh End Judo'));
        self::assertCount(0, $this->read($this->opened(true))->select('VEVENT'));
    }

    public function test_a_file_that_came_back_moves_what_stands_on_other_days_in_it(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        [$user, $task] = $this->due('ring', '2026-05-14');
        [, $still] = $this->due('stays', '2026-05-14', $user);
        $theirs = $this->due('ring', '2026-05-14', $this->member('Marsh End Judo'))[1];
        $this->actingAs($user);
        $file = (string) $this->get("/api/tasks/{$task->id}/calendar")->assertOk()->content();
        $moved = strtr($file, ['VALUE=DATE:20260514' => 'VALUE=DATE:20260518', 'VALUE=DATE:20260515' => 'VALUE=DATE:20260521']);
        $back = fn (string $content) => $this->postJson('/api/calendar/returned', ['content' => $content]);
        $back($moved)->assertOk()->assertJsonCount(1, 'moved')
            ->assertJsonPath('moved.0.dueFrom', '2026-05-18')->assertJsonPath('moved.0.dueOn', '2026-05-20');
        $back($moved)->assertOk()->assertJsonCount(0, 'moved')->assertJsonPath('same', 1);
        $hour = strtr($moved, ['DTSTART;VALUE=DATE:20260518' => 'DTSTART:20260519T083000Z', 'DTEND;VALUE=DATE:20260521' => 'DTEND:20260519T090000Z']);
        $back($hour)->assertJsonPath('moved.0.dueOn', '2026-05-19');

        $other = strtr($moved, [$task->id => $theirs->id]);
        $back($other)->assertOk()->assertJsonCount(0, 'moved')->assertJsonPath('unknown', 1);
        $this->putJson("/api/tasks/{$still->id}", ['state' => 'done'])->assertOk();
        $back(strtr($moved, [$task->id => $still->id]))->assertJsonCount(0, 'moved')
            ->assertJsonPath('left.0.reason', 'it is closed already');
        self::assertSame(TaskState::Done, $still->refresh()->state);
        $back('BEGIN:VCARD')->assertStatus(422)->assertJsonPath('error.path', 'content');
        foreach (['DTSTART;VALUE=DATE:99999999', 'DTSTART:x', 'DTSTART;TZID=:20260519T083000'] as $broken) {
            $back((string) preg_replace('/DTSTART.*/', $broken, $file))->assertOk()->assertJsonPath('moved', []);
        }
    }

    public function test_of_many_tasks_that_came_back_each_is_moved_or_said_why_not(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        [$user] = $this->due('ring the hospital', '2026-05-14');
        foreach (range(1, 5) as $number) {
            $this->due("look at it again {$number}", '2026-05-14', $user);
        }
        $file = (string) $this->get($this->opened(true))->assertOk()->content();
        $moved = strtr($file, ['VALUE=DATE:20260514' => 'VALUE=DATE:20260518', 'VALUE=DATE:20260515' => 'VALUE=DATE:20260519']);
        $done = Task::query()->firstOrFail();
        $this->putJson("/api/tasks/{$done->id}", ['state' => 'done'])->assertOk();
        $this->postJson('/api/calendar/returned', ['content' => $moved])->assertOk()->assertJsonCount(5, 'moved')
            ->assertJsonPath('moved.4.dueOn', '2026-05-18')->assertJsonPath('left.0.title', $done->content['title']);
    }

    /** As three calendars write the same task, moved to Monday the 18th: ours says 14 May. */
    #[TestWith(["DTSTART;VALUE=DATE:20260518\r\nDTEND;VALUE=DATE:20260519\r\nDTSTAMP:20260510T090000Z\r\nSEQUENCE:1\r\nUID:%s"])]
    #[TestWith(["UID:%s\nDTSTART;VALUE=DATE:20260518\nDURATION:P1D\nX-ALT-DESC;FMTTYPE=text/html:<p>Look\n  again</p>"])]
    #[TestWith(["DTSTART;TZID=America/New_York:20260517T210000\r\nDTEND;TZID=America/New_York:20260517T213000\r\nUID:%s"])]
    public function test_a_task_moved_in_another_calendar_is_moved_here_however_that_one_writes(string $written): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        [, $task] = $this->due('ring', '2026-05-14');
        $fold = static fn (string $id): string => substr($id, 0, 9)."\r\n ".substr($id, 9);
        $content = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Marsh//Diary//EN\r\n"
            ."BEGIN:VEVENT\r\nUID:of-another-diary\r\nDTSTART;VALUE=DATE:20260519\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\n".sprintf($written, $fold($task->id.CalendarFile::HOST))."\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->postJson('/api/calendar/returned', ['content' => $content])->assertOk()
            ->assertJsonCount(1, 'moved')->assertJsonPath('moved.0.dueFrom', '2026-05-18')
            ->assertJsonPath('moved.0.dueOn', '2026-05-18');
    }

    /**
     * @return array{User, Task}
     */
    private function due(string $title, string $day, ?User $by = null): array
    {
        $user = $by ?? $this->member();
        $athlete = Athlete::factory()->create(['team_id' => $user->teamId()]);
        $id = $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/tasks", ['title' => $title, 'dueOn' => $day])->assertCreated()->json('id');

        return [$user, Task::query()->findOrFail($id)];
    }

    private function opened(bool $inWords): string
    {
        $address = (string) $this->putJson('/api/calendar', ['inWords' => $inWords])->assertOk()->json('address');

        return (string) parse_url($address, PHP_URL_PATH);
    }

    private function read(string $path): VCalendar
    {
        $calendar = Reader::read((string) $this->get($path)->assertOk()->content());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_column($calendar->validate(), 'message'));

        return $calendar;
    }
}
