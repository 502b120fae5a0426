<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;

/** A student works on examinations of their own, and asks someone to sign them. */
final class StudentTest extends FeatureTestCase
{
    private User $lead;

    private User $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lead = $this->member();
        $this->student = User::factory()->memberOf($this->lead->present()->team, Role::Student)->create();
    }

    public function test_of_examinations_of_others_and_what_followed_nothing_exists(): void
    {
        $id = $this->openedBy($this->lead);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $examination = Examination::query()->firstOrFail();
        $athlete = Athlete::query()->firstOrFail()->id;
        $this->postJson("/api/episodes/{$examination->episode_id}/reference-results", [
            'kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']],
        ])->assertCreated();
        $this->getJson("/api/athletes/{$athlete}")->assertJsonCount(1, 'examinations')->assertJsonPath('episodes.0.predicted.examination', $id);

        $this->actingAs($this->student)->getJson("/api/examinations/{$id}")->assertNotFound();
        $this->getJson('/api/today')->assertJsonCount(0, 'seen')->assertJsonCount(0, 'unfinished')->assertJsonCount(0, 'due')
            ->assertJsonPath('total', 1);
        $this->getJson("/api/athletes/{$athlete}")->assertOk()->assertJsonCount(0, 'examinations')->assertJsonCount(0, 'tasks')
            ->assertJsonPath('episodes', []);
        $this->getJson("/api/episodes/{$examination->episode_id}/course")->assertOk()->assertJsonCount(0, 'visits')->assertJsonCount(0, 'asked');
    }

    public function test_notes_and_doctor_of_an_athlete_are_not_for_them_and_the_guardian_whom_they_ask_is(): void
    {
        $athlete = $this->athleteOf($this->lead);
        $profile = (object) ['notes' => 'afraid of needles', 'doctor' => 'Dr Falkner', 'guardian' => 'Jo Aldous', 'sport' => 'judo'];
        $athlete->update(['profile' => $profile]);
        $seen = fn (User $by): array => (array) $this->actingAs($by)->getJson("/api/athletes/{$athlete->id}")->assertOk()->json('profile');
        self::assertSame((array) $profile, $seen($this->lead));
        self::assertSame(['guardian' => 'Jo Aldous', 'sport' => 'judo'], $seen($this->student));
    }

    public function test_their_own_waits_on_the_first_screen_of_who_signs(): void
    {
        $id = $this->openedBy($this->student);
        $this->getJson('/api/today')->assertJsonCount(1, 'unfinished')->assertJsonCount(0, 'toSign');
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertForbidden();
        $this->postJson("/api/examinations/{$id}/countersignature")->assertNoContent();
        self::assertNotNull($this->getJson("/api/examinations/{$id}")->json('askedAt'));

        $this->actingAs($this->lead)->getJson('/api/today')->assertJsonPath('toSign.0.examination.id', $id);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk()
            ->assertJsonPath('signedBy', $this->lead->name)->assertJsonPath('examiner', $this->student->name);
        $this->getJson('/api/today')->assertJsonCount(0, 'toSign');
        $this->actingAs($this->student)->getJson("/api/examinations/{$id}")->assertJsonPath('status', 'signed');
        $this->postJson("/api/examinations/{$id}/countersignature")->assertStatus(423);
    }

    public function test_a_calendar_of_theirs_holds_what_followed_from_their_own_alone(): void
    {
        $others = $this->openedBy($this->lead);
        $this->postJson("/api/examinations/{$others}/signature", $this->seen($others))->assertOk();
        $athlete = Athlete::query()->firstOrFail()->id;
        $this->postJson("/api/athletes/{$athlete}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])->assertCreated();
        $address = (string) $this->actingAs($this->student)->putJson('/api/calendar', ['inWords' => true])->json('address');
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        self::assertStringNotContainsString('VEVENT', (string) $this->get((string) parse_url($address, PHP_URL_PATH))->content());
    }
}
