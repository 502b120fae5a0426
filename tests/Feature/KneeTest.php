<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Side, days and age come from the episode and the athlete, and are changed there, together. */
final class KneeTest extends FeatureTestCase
{
    public function test_the_wrong_side_is_exchanged_and_what_was_found_stays_on_its_knee(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 3])->assertOk();
        $this->save($id, 'records/lachman/right', ['translationMm' => 10])->assertOk();
        $changed = $this->change($id, 'right', 12)->assertOk();
        $facts = collect($changed->json('sections'))->firstWhere('name', 'frame')['payload'];
        self::assertSame(['right', 12], [$facts['hurtSide'], $facts['daysSinceInjury']]);
        self::assertSame('right', Episode::query()->sole()->hurt_side->value);
        self::assertSame('2026-04-28', Episode::query()->sole()->injured_on?->toDateString());
        $millimetres = collect($changed->json('records'))->pluck('payload.translationMm', 'side')->all();
        self::assertSame(['left' => 3, 'right' => 10], $millimetres);
        $measured = collect($changed->json('assessment.measurements'))->firstWhere('manoeuvre', 'lachman');
        self::assertSame(7.0, (float) $measured['difference']);
        $entry = AuditEntry::query()->where('event', AuditEvent::KneeChanged)->sole();
        self::assertSame(['from' => 'left 2026-05-06', 'to' => 'right 2026-04-28'], $entry->detail);
    }

    public function test_other_examinations_of_the_episode_stay_what_they_were(): void
    {
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        $start = fn (): string => (string) $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_full',
        ])->assertCreated()->json('id');
        [$first, $second] = [$start(), $start()];
        $this->change($second, 'right', 4)->assertOk();
        self::assertSame(2, Episode::query()->count());
        self::assertSame('left', Examination::query()->findOrFail($first)->episode->hurt_side->value);
        $this->change($second, 'left', 4, 2)->assertOk();
        self::assertSame(
            Examination::query()->findOrFail($first)->episode_id, Examination::query()->findOrFail($second)->episode_id,
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function facts(): iterable
    {
        yield 'the side' => [['hurtSide' => 'right'], 'hurtSide'];
        yield 'the days' => [['daysSinceInjury' => 40], 'daysSinceInjury'];
        yield 'the age' => [['ageYears' => 60], 'ageYears'];
    }

    /**
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('facts')]
    public function test_nobody_changes_them_in_the_frame_alone(array $said, string $path): void
    {
        $id = $this->examinationBy($this->member());
        $frame = $this->getJson("/api/examinations/{$id}")->json('sections.0.payload');
        $this->save($id, 'sections/frame', [...$frame, ...$said], 1)->assertStatus(422)->assertJsonPath('error.path', $path);
        $this->save($id, 'sections/frame', [...$frame, 'otherKneeReliable' => false], 1)->assertOk();
    }

    public function test_the_setting_follows_the_days_unless_someone_chose_it(): void
    {
        $id = $this->examinationBy($this->member());
        $setting = static fn (TestResponse $answer): string => collect($answer->json('sections'))->firstWhere('name', 'frame')['payload']['setting'];
        $before = $setting($this->getJson("/api/examinations/{$id}"));
        $after = $setting($this->change($id, 'left', null)->assertOk());
        self::assertNotSame($before, $after);
        $frame = collect($this->getJson("/api/examinations/{$id}")->json('sections'))->firstWhere('name', 'frame')['payload'];
        $this->save($id, 'sections/frame', [...$frame, 'settingChosen' => 'seen in the clinic'], 2)->assertOk();
        self::assertSame($after, $setting($this->change($id, 'left', 1, 3)->assertOk()));
    }

    public function test_it_is_refused_where_it_is_signed_or_someone_else_was_faster(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $this->change($id, 'right', 4, 7)->assertStatus(409)->assertJsonPath('newer.version', 1);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $this->change($id, 'right', 4)->assertStatus(423);
        $student = User::factory()->memberOf($user->present()->team, Role::Student)->create();
        $theirs = $this->openedBy($user);
        $this->handTo($student, $theirs);
        $this->actingAs($student);
        $this->change($theirs, 'right', 4)->assertForbidden();
    }

    private function change(string $examination, string $side, ?int $days, int $version = 1): TestResponse
    {
        return $this->putJson("/api/examinations/{$examination}/knee", [
            'hurtSide' => $side, 'daysSinceInjury' => $days, 'version' => $version,
        ]);
    }
}
