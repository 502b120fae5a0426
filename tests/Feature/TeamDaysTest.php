<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\DateOrder;
use App\Access\Values\Role;
use App\Access\Values\TeamSettings;
use App\Clinic\AthleteFiles\Retention;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Smalot\PdfParser\Parser;

/** Every day is a day of the team's zone, also around midnight and over summer time. */
final class TeamDaysTest extends FeatureTestCase
{
    use LetterPromises;

    /**
     * @return iterable<string, array{string, string, string}> zone, moment in UTC, day
     */
    public static function midnights(): iterable
    {
        yield 'after midnight in Berlin' => ['Europe/Berlin', '2026-11-29 23:58:00', '2026-11-30'];
        yield 'an evening in California' => ['America/Los_Angeles', '2026-11-30 03:00:00', '2026-11-29'];
        yield 'a morning in Sydney' => ['Australia/Sydney', '2026-11-29 20:00:00', '2026-11-30'];
        yield 'before summer time ends' => ['Europe/Berlin', '2026-10-24 22:30:00', '2026-10-25'];
        yield 'after summer time ended' => ['Europe/Berlin', '2026-10-25 22:30:00', '2026-10-25'];
        yield 'where it is nowhere tomorrow yet' => ['Pacific/Kiritimati', '2026-11-29 10:00:00', '2026-11-30'];
    }

    #[DataProvider('midnights')]
    public function test_an_injury_of_today_is_of_the_day_that_it_is_there(string $zone, string $moment, string $day): void
    {
        $user = $this->in($zone);
        $this->travelTo($moment);
        $athlete = $this->athleteOf($user);
        $begin = fn (int $days) => $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => $days, 'route' => 'clinic_core',
        ])->assertCreated();
        $id = (string) $begin(0)->json('id');
        self::assertSame($day, $this->injuredOn($id));
        $this->getJson("/api/examinations/{$id}")->assertJsonPath('sections.0.payload.daysSinceInjury', 0);
        self::assertSame(CarbonImmutable::parse($day)->subDays(3)->toDateString(), $this->injuredOn((string) $begin(3)->json('id')));
        $this->putJson("/api/examinations/{$id}/knee", ['hurtSide' => 'right', 'daysSinceInjury' => 1, 'version' => 1])->assertOk();
        self::assertSame(CarbonImmutable::parse($day)->subDay()->toDateString(), $this->injuredOn($id));
        $this->postJson("/api/athletes/{$athlete->id}/tasks", ['title' => 'ring', 'dueOn' => $day])->assertCreated();
        $this->getJson('/api/today')->assertJsonPath('due.0.when', 'today');
    }

    public function test_letter_summary_file_names_and_what_is_due_tell_the_same_day(): void
    {
        $user = $this->in('Europe/Berlin');
        $this->travelTo('2026-11-29 23:58:00');
        $id = $this->openedBy($user);
        $this->save($id, 'records/lachman/left', ['differenceBand' => 'grade_2', 'endFeel' => 'soft', 'checks' => ['hamstringsRelaxed' => true]]);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $letter = (string) $this->postJson("/api/examinations/{$id}/letters")->assertCreated()->json('id');
        $text = (string) $this->get("/api/letters/{$letter}/text")->assertOk()->content();
        self::assertStringContainsString('on 30 November 2026.', $text);
        self::assertStringNotContainsString('29 November', $text);
        $pdf = $this->get("/api/examinations/{$id}/summary.pdf")->assertOk();
        self::assertStringContainsString('knee-2026-11-30.pdf', (string) $pdf->headers->get('Content-Disposition'));
        $read = preg_replace('/\s+/', ' ', (new Parser)->parseContent((string) $pdf->content())->getText());
        self::assertStringContainsString('30 November 2026, 00:58 CET', (string) $read);
        $due = DB::table('tasks')->whereNotNull('due_on')->min('due_on');
        self::assertSame(0, CarbonImmutable::parse((string) $due)->diffInDays(CarbonImmutable::parse('2026-11-30'), true) % 1);
        self::assertGreaterThanOrEqual('2026-11-30', (string) $due);
    }

    public function test_dates_are_written_in_the_order_of_the_team(): void
    {
        $day = CarbonImmutable::parse('2026-05-03 12:00:00');
        self::assertSame(
            ['3 May 2026', 'May 3, 2026', '2026 May 3'],
            array_map(
                static fn (DateOrder $order): string => (new TeamDays('UTC', $order))->written($day),
                [DateOrder::DayFirst, DateOrder::MonthFirst, DateOrder::YearFirst],
            ),
        );
        self::assertSame('May 3, 2026, 14:00 CEST', (new TeamDays('Europe/Berlin', DateOrder::MonthFirst))->writtenWithTime($day));
    }

    public function test_a_lead_sets_both_and_nonsense_is_refused(): void
    {
        $lead = $this->member(role: Role::Lead);
        $set = fn (array $to) => $this->actingAs($lead->refresh())->putJson('/api/team', self::settings($to));
        $set(['timeZone' => 'Middle/Earth'])->assertStatus(422)->assertJsonPath('error.path', 'timeZone');
        $set(['dateOrder' => 'dym'])->assertStatus(422)->assertJsonPath('error.path', 'dateOrder');
        $set(['timeZone' => 'Europe/Berlin', 'dateOrder' => 'mdy'])->assertNoContent();
        $this->actingAs($lead->refresh())->getJson('/api/me')
            ->assertJsonPath('user.timeZone', 'Europe/Berlin')->assertJsonPath('user.dateOrder', 'mdy');
        self::assertSame('UTC', TeamSettings::from(['timeZone' => 'Middle/Earth'])->timeZone);
    }

    public function test_what_is_kept_for_years_is_announced_by_the_day_of_the_team(): void
    {
        $user = $this->in('Australia/Sydney', ['keepsYears' => 1]);
        $this->travelTo('2020-01-01 00:00:00');
        $athlete = $this->athleteOf($user);
        $this->travelTo('2026-11-29 20:00:00');
        app(Retention::class)();
        self::assertSame('2026-12-30', $athlete->refresh()->erase_on?->toDateString());
    }

    /**
     * @param  array<string, mixed>  $more
     */
    private function in(string $zone, array $more = []): User
    {
        $user = $this->member(role: Role::Lead);
        $user->present()->team->update(['settings' => TeamSettings::from(['timeZone' => $zone, ...$more])]);

        return $user->refresh();
    }

    private function injuredOn(string $examination): ?string
    {
        return DB::table('episodes')->join('examinations', 'episodes.id', '=', 'episode_id')
            ->where('examinations.id', $examination)->value('injured_on');
    }
}
