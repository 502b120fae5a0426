<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What a device began while it was offline arrives once, under the ids that it chose. */
final class StartOfflineTest extends FeatureTestCase
{
    private const FACTS = ['name' => 'Tilda Marrow', 'bornOn' => '2004-03-02', 'squad' => 'Judo'];

    private const BEGUN = ['hurtSide' => 'left', 'daysSinceInjury' => 0, 'route' => 'touchline'];

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-05-10 09:00:00');
        $this->user = $this->member();
        $this->actingAs($this->user);
    }

    public function test_an_examination_begun_offline_arrives_once_with_its_id_and_its_moment(): void
    {
        $athlete = Athlete::factory()->create(['team_id' => $this->user->teamId()]);
        $id = self::ulid();
        $begun = ['id' => $id, 'at' => '2026-05-08T16:20:00Z', ...self::BEGUN];
        $this->begin($athlete, $begun)->assertCreated()->assertJsonPath('id', $id);
        // Sent again after the key was forgotten, with the id alone.
        $this->begin($athlete, $begun)->assertCreated()->assertJsonPath('id', $id);
        self::assertSame([1, 1], [Examination::query()->count(), Episode::query()->count()]);
        $this->getJson("/api/examinations/{$id}")->assertOk()
            ->assertJsonPath('examinedAt', '2026-05-08T16:20:00Z')->assertJsonPath('examiner', $this->user->name);
        self::assertSame('2026-05-08', Episode::query()->sole()->injured_on?->toDateString());
    }

    public function test_an_id_of_another_examination_is_refused_in_every_team(): void
    {
        $own = Athlete::factory()->create(['team_id' => $this->user->teamId()]);
        $id = self::ulid();
        $this->begin($own, ['id' => $id, ...self::BEGUN])->assertCreated();
        $other = Athlete::factory()->create(['team_id' => $this->user->teamId()]);
        $this->begin($other, ['id' => $id, ...self::BEGUN])->assertStatus(422)->assertJsonPath('error.path', 'id');
        $stranger = $this->member();
        $theirs = Athlete::factory()->create(['team_id' => $stranger->teamId()]);
        $this->actingAs($stranger);
        $this->begin($theirs, ['id' => $id, ...self::BEGUN])->assertStatus(422)->assertJsonPath('error.path', 'id');
        self::assertSame(1, Examination::withoutGlobalScopes()->count());
    }

    public function test_a_clock_ahead_begins_now_and_one_far_behind_is_refused(): void
    {
        $athlete = Athlete::factory()->create(['team_id' => $this->user->teamId()]);
        $ahead = $this->begin($athlete, ['at' => '2026-05-10T11:00:00Z', ...self::BEGUN])->assertCreated()->json('id');
        self::assertSame('2026-05-10 09:00:00', Examination::query()->findOrFail($ahead)->examined_at->toDateTimeString());
        $this->begin($athlete, ['at' => '2026-01-10T11:00:00Z', ...self::BEGUN])
            ->assertStatus(422)->assertJsonPath('error.path', 'at');
        foreach (['mine', strtoupper(self::ulid()), str_repeat('/', 26)] as $id) {
            $this->begin($athlete, ['id' => $id, ...self::BEGUN])->assertStatus(422)->assertJsonPath('error.path', 'id');
        }
        foreach (['soon', '2026-05-09', '2026-13-40T00:00:00Z', '2026-05-09T16:20:00'] as $at) {
            $this->begin($athlete, ['at' => $at, ...self::BEGUN])->assertStatus(422)->assertJsonPath('error.path', 'at');
        }
    }

    public function test_an_athlete_added_offline_arrives_once_and_a_similar_one_is_asked_about(): void
    {
        $id = self::ulid();
        $this->add(['id' => $id, ...self::FACTS])->assertCreated()->assertJsonPath('id', $id);
        $this->add(['id' => $id, ...self::FACTS])->assertCreated()->assertJsonPath('id', $id);
        $this->add(['id' => $id, ...self::FACTS, 'name' => 'Tilda Marow'])->assertCreated()->assertJsonPath('name', 'Tilda Marrow');
        $other = ['name' => 'Ulla Feldt', 'bornOn' => '2001-09-14'];
        $this->add(['id' => $id, ...self::FACTS, ...$other])->assertStatus(422)->assertJsonPath('error.path', 'id');
        $this->add(['id' => self::ulid(), ...self::FACTS])->assertStatus(409)->assertJsonPath('similar.0.id', $id);
        $another = self::ulid();
        $this->add(['id' => $another, 'isAnother' => true, ...self::FACTS])->assertCreated()->assertJsonPath('id', $another);
        self::assertSame(2, Athlete::query()->count());
        $this->begin(Athlete::query()->findOrFail($another), ['id' => self::ulid(), ...self::BEGUN])->assertCreated();
    }

    public function test_a_device_lists_the_athletes_of_its_team_with_birth_dates(): void
    {
        Athlete::factory()->create(['name' => 'Ödön of another club']);
        Athlete::factory()->create([
            'team_id' => $this->user->teamId(), 'name' => 'Ida Marsh', 'number' => '7', 'squad' => 'Judo', 'born_on' => '2001-02-03',
        ]);
        $listed = $this->getJson('/api/athletes')->assertOk()->json();
        self::assertSame(
            [['Ida Marsh', '7', 'Judo', 25, '2001-02-03']],
            array_map(static fn (array $one): array => array_values(array_diff_key($one, ['id' => true])), $listed),
        );
    }

    public function test_a_device_is_told_with_what_the_examinations_of_the_team_begin(): void
    {
        $this->getJson('/api/me')->assertOk()->assertJsonPath('user.begins.setting', null);
    }

    private static function ulid(): string
    {
        return strtolower((string) Str::ulid());
    }

    /**
     * @param  array<string, mixed>  $begun
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function begin(Athlete $athlete, array $begun): TestResponse
    {
        return $this->postJson("/api/athletes/{$athlete->id}/examinations", $begun);
    }

    /**
     * @param  array<string, mixed>  $facts
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function add(array $facts): TestResponse
    {
        return $this->postJson('/api/athletes', $facts);
    }
}
