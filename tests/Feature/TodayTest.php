<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Club\Models\Athlete;
use App\Trust\Audit\Verifier;
use Database\Seeders\DatabaseSeeder;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\Eloquent\Factories\Sequence;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** Starting an examination, the list of the day, and the demo club. */
final class TodayTest extends FeatureTestCase
{
    public function test_an_examination_starts_with_the_facts_of_its_athlete(): void
    {
        Date::setTestNow('2026-05-10 09:00:00');
        $id = $this->examinationBy($this->member());
        $frame = $this->getJson("/api/examinations/{$id}")->assertOk()->json('sections.0');
        self::assertSame(['frame', 1], [$frame['name'], $frame['version']]);
        self::assertSame(
            ['left', 4, 22],
            [$frame['payload']['hurtSide'], $frame['payload']['daysSinceInjury'], $frame['payload']['ageYears']],
        );
        self::assertSame('2026-05-06', Episode::query()->firstOrFail()->injured_on?->toDateString());
        self::assertSame('2026-05-10', Examination::query()->firstOrFail()->examined_at->toDateString());
    }

    public function test_a_second_look_at_the_same_knee_belongs_to_the_same_episode(): void
    {
        Date::setTestNow('2026-05-10 09:00:00');
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        $start = fn (
            int $days, string $side = 'left',
        ) => $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => $side, 'daysSinceInjury' => $days, 'setting' => 'acute_trauma', 'route' => 'clinic_full',
        ])->assertCreated();
        $start(1);
        Date::setTestNow('2026-05-14 09:00:00');
        $start(5);
        self::assertSame(1, Episode::query()->count());
        $start(5, 'right');
        self::assertSame(2, Episode::query()->count());
        $listed = $this->getJson('/api/today')->assertOk()->json('unfinished');
        self::assertSame(
            ['Mirre Aldous'], array_values(array_unique(array_column(array_column($listed, 'athlete'), 'name'))),
        );
        self::assertCount(3, $listed);
        $one = $this->getJson('/api/today?unfinished=1')->json();
        self::assertSame([1, 3], [count($one['unfinished']), $one['unfinishedInAll']], 'nothing is out of reach');
        self::assertSame('2026-05-10', substr((string) $listed[2]['examination']['examinedAt'], 0, 10));
        $this->getJson("/api/athletes/{$athlete->id}")->assertOk()->assertJsonCount(3, 'examinations');
    }

    public function test_a_knee_without_an_injury_is_looked_at_again_in_the_same_episode(): void
    {
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        foreach (['clinic_full', 'look_again'] as $route) {
            $this->actingAs($user)->postJson(
                "/api/athletes/{$athlete->id}/examinations",
                ['hurtSide' => 'left', 'daysSinceInjury' => null, 'setting' => 'gradual', 'route' => $route],
            )->assertCreated();
        }
        self::assertSame([1, 2], [Episode::query()->count(), Examination::query()->count()]);
    }

    public function test_a_start_that_cannot_be_is_refused_and_leaves_nothing(): void
    {
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        $start = fn (array $body) => $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'left',
            'daysSinceInjury' => 4,
            'setting' => 'acute_trauma',
            'route' => 'clinic_full',
            ...$body,
        ])->assertStatus(422);
        $start(['hurtSide' => 'both']);
        $start(['daysSinceInjury' => -1]);
        $start(['setting' => 'elsewhere'])->assertJsonPath('error.path', 'setting');
        self::assertSame([0, 0], [Examination::query()->count(), Episode::query()->count()]);
    }

    public function test_athletes_are_found_by_any_part_of_name_number_or_squad(): void
    {
        $user = $this->member();
        foreach ([['Ödön Brackwater', '11', 'Judo'], ['Wren Odell', '12', 'Judo'], ['Ida Marsh', '110', 'Handball']] as [$name, $number, $squad]) {
            Athlete::factory()->create(['team_id' => $user
                ->teamId(), 'name' => $name, 'number' => $number, 'squad' => $squad]);
        }
        Athlete::factory()->create(['name' => 'Ödön of another club']);
        $found = fn (string $search): array => array_column(
            $this->actingAs($user)->postJson('/api/today', ['search' => $search])->assertOk()->json('athletes'),
            'name',
        );
        self::assertSame(['Ödön Brackwater'], $found('odon'));
        self::assertSame(['Ida Marsh', 'Ödön Brackwater'], $found('11'));
        self::assertSame(['Ödön Brackwater', 'Wren Odell'], $found('jud'));
        self::assertSame(['Wren Odell'], $found('judo  dell'));
        self::assertSame(['Ödön Brackwater'], $found('WATER'));
        self::assertSame([], $found('waterbrack'));
        self::assertCount(3, $found(''));
        Athlete::query()->where('number', '12')->firstOrFail()->update(['name' => 'Wren Tarn']);
        self::assertSame([[], ['Wren Tarn']], [$found('odell'), $found('tarn')]);
        self::assertStringNotContainsString(
            'arn', (string) json_encode(DB::table('athlete_runs')->selectRaw('hex(run) run')->get()),
        );
    }

    public function test_numbers_stand_in_the_order_of_numbers(): void
    {
        $user = $this->member();
        $numbers = [null, '2', '10', '110', 'F2', 'F10', 'F10a'];
        foreach (array_reverse($numbers) as $number) {
            Athlete::factory()->create(['team_id' => $user->teamId(), 'number' => $number]);
        }
        $listed = fn (): array => array_column($this->actingAs($user)->getJson('/api/today')->assertOk()->json('athletes'), 'number');
        self::assertSame($numbers, $listed());
        Athlete::query()->where('number', '110')->firstOrFail()->update(['number' => '1']);
        self::assertSame([null, '1', '2', '10', 'F2', 'F10', 'F10a'], $listed());
    }

    public function test_the_list_comes_a_page_at_a_time(): void
    {
        $user = $this->member();
        Athlete::factory()->count(65)->sequence(static fn (Sequence $one): array => ['number' => sprintf('%03d', $one->index)])
            ->create(['team_id' => $user->teamId()]);
        $page = fn (int $number): TestResponse => $this->actingAs($user)->getJson("/api/today?page={$number}")->assertOk();
        self::assertSame([65, 1, 2], [$page(1)->json('total'), $page(1)->json('page'), $page(1)->json('pages')]);
        self::assertSame(['060', '061', '062', '063', '064'], array_column($page(2)->json('athletes'), 'number'));
        DB::enableQueryLog();
        $page(1);
        self::assertLessThan(12, \count(DB::getQueryLog()), 'as many questions to the database, however many athletes');
    }

    public function test_the_demo_club_is_loaded_once(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->seed(DatabaseSeeder::class);
        config(['app.demo' => true]);
        $this->postJson('/api/login', ['email' => DemoSeeder::EMAIL, 'password' => DemoSeeder::PASSWORD])->assertOk();
        $today = $this->getJson('/api/today')->assertOk()->json();
        $athletes = collect($today['athletes']);
        $cases = collect([...$today['unfinished'], ...$today['seen']]);
        self::assertCount(30, $athletes);
        self::assertSame(75, Examination::query()->count());
        self::assertGreaterThanOrEqual(8, ReferenceResult::query()->count());
        $due = collect($today['due'])->countBy('when');
        self::assertGreaterThanOrEqual([2, 1], [$due['today'], $due['awaited']]);
        self::assertEqualsCanonicalizing(
            ['Handball', 'Judo', 'Trampoline', 'Fell running'],
            $athletes->pluck('squad')->unique()->values()->all(),
        );
        self::assertCount(1, $today['proposals']);
        self::assertCount(6 + 5, $cases);
        $mirre = $cases->firstWhere('athlete.name', 'Mirre Aldous');
        $assessment = $this->getJson(
            "/api/examinations/{$mirre['examination']['id']}",
        )->assertOk()->json('assessment');
        self::assertSame('act', $assessment['conditions'][0]['zone']);
        self::assertSame([], $assessment['excluded']);
        self::assertSame([], app(Verifier::class)->faults());
    }
}
