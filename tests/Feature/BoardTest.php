<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Availability;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Club\Models\Athlete;
use Illuminate\Support\Facades\DB;

/** Who may play, as the team and its coach see it. */
final class BoardTest extends FeatureTestCase
{
    public function test_a_coach_sees_who_may_play_of_those_who_agreed_and_nothing_medical(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $agreed = $this->signed($user, ['consentGiven' => true, 'coachMayKnow' => true]);
        $this->signed($user, ['consentGiven' => true]);
        self::assertCount(2, (array) $this->actingAs($user)->getJson('/api/board')->assertOk()->json());
        $coach = User::factory()->memberOf($user->present()->team, Role::Coach)->create();
        $board = $this->actingAs($coach)->getJson('/api/board')->assertOk()->assertJsonCount(1);
        $plan = $this->actingAs($user)->getJson("/api/examinations/{$agreed}")->json('assessment.plan');
        $board->assertJsonPath('0.status', $plan['availability']['status'])
            ->assertJsonPath('0.notThis', $plan['availability']['notThis'])
            ->assertJsonPath('0.name', 'Mirre Aldous');
        self::assertDoesNotMatchRegularExpression('/ACL|Lachman|ligament|menisc/i', (string) $board->content());
        self::assertStringNotContainsString('modified', (string) json_encode(DB::table('availabilities')->get()));
    }

    public function test_what_was_agreed_for_a_time_is_asked_for_no_more_and_is_over_with_it(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        $facts = ['name' => $athlete->name, 'bornOn' => '2001-01-01', 'squad' => 'Judo'];
        $agreed = ['coachToldBy' => 'herself', 'coachToldFrom' => '2026-05-01', 'coachToldUntil' => '2026-06-30', 'alsoIn' => 'Handball, Cadets'];
        $this->actingAs($user)->putJson("/api/athletes/{$athlete->id}", [...$facts, 'profile' => ['coachToldBy' => 'herself', 'coachToldFrom' => null]])
            ->assertStatus(422)->assertJsonPath('error.path', 'profile.coachToldFrom');
        $this->putJson("/api/athletes/{$athlete->id}", [...$facts, 'profile' => [...$agreed, 'coachToldUntil' => '2026-04-30']])
            ->assertStatus(422)->assertJsonPath('error.path', 'profile.coachToldUntil');
        $this->putJson("/api/athletes/{$athlete->id}", [...$facts, 'profile' => $agreed])->assertOk();
        $id = (string) $this->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_core',
        ])->json('id');
        $opening = collect($this->getJson("/api/examinations/{$id}")->json('sections'))->firstWhere('name', 'opening');
        self::assertSame(['coachMayKnow' => true], $opening['payload']);
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $coach = User::factory()->memberOf($user->present()->team, Role::Coach)->create();
        $this->actingAs($coach)->getJson('/api/board')->assertJsonCount(1)->assertJsonPath('0.alsoIn', ['Handball', 'Cadets']);
        $this->travelTo('2026-07-01 09:00:00');
        $this->actingAs($coach->refresh())->getJson('/api/board')->assertJsonCount(0);
        $this->actingAs($user->refresh())->getJson('/api/board')->assertJsonPath('0.coachMayKnow', false);
        $this->postJson('/api/today', ['search' => 'cadets'])->assertJsonPath('athletes.0.id', $athlete->id);
    }

    public function test_when_a_knee_is_looked_at_again_follows_what_is_due(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $this->signed($user, ['consentGiven' => true, 'coachMayKnow' => true]);
        $coach = User::factory()->memberOf($user->present()->team, Role::Coach)->create();
        $task = Task::query()->where('kind', TaskKind::LookAgain)->firstOrFail();
        $this->getJson('/api/board')->assertJsonPath('0.review', [
            'from' => $task->due_from?->toDateString(), 'by' => $task->due_on?->toDateString(), 'isOverdue' => false,
        ]);
        $this->putJson("/api/tasks/{$task->id}", ['state' => 'open', 'dueOn' => '2026-06-20'])->assertOk();
        $this->actingAs($coach)->getJson('/api/board')
            ->assertJsonPath('0.review', ['from' => '2026-06-20', 'by' => '2026-06-20', 'isOverdue' => false]);
        $this->travelTo('2026-06-21 09:00:00');
        $this->actingAs($coach->refresh())->getJson('/api/board')->assertJsonPath('0.review.isOverdue', true);
        $student = User::factory()->memberOf($user->present()->team, Role::Student)->create();
        $this->actingAs($student)->getJson('/api/board')->assertJsonPath('0.review.by', '2026-06-20');
        $this->actingAs($user->refresh())
            ->putJson("/api/tasks/{$task->id}", ['state' => 'let_go', 'note' => 'moved away'])->assertOk();
        $this->getJson('/api/board')->assertJsonPath('0.review', null);
    }

    public function test_the_last_word_stands_and_who_is_put_away_is_off_the_board(): void
    {
        $user = $this->member();
        $id = $this->signed($user, ['consentGiven' => true, 'coachMayKnow' => true]);
        $athlete = (string) $this->getJson("/api/examinations/{$id}")->json('athlete.id');
        $second = (string) $this->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'right', 'daysSinceInjury' => 1, 'route' => 'clinic_full',
        ])->assertCreated()->json('id');
        $this->save($second, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($second, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$second}/signature", $this->seen($second))->assertOk();
        $this->getJson('/api/board')->assertJsonCount(1)->assertJsonPath('0.coachMayKnow', false);
        $this->deleteJson("/api/athletes/{$athlete}")->assertNoContent();
        $this->getJson('/api/board')->assertJsonCount(0);
        $this->actingAs($this->member('Marsh End Judo'))->getJson('/api/board')->assertJsonCount(0);
    }

    public function test_a_sound_knee_does_not_make_up_for_the_other(): void
    {
        $user = $this->member();
        $id = $this->signed($user, ['consentGiven' => true, 'coachMayKnow' => true]);
        $athlete = Athlete::query()->firstOrFail();
        foreach ([['out', 'modified', 'out'], ['modified', 'available', 'modified'], ['available', 'out', 'out']] as [$left, $right, $told]) {
            Availability::query()->delete();
            foreach (['left' => $left, 'right' => $right] as $side => $status) {
                $limits = $status === 'modified';
                Availability::query()->create([
                    'team_id' => $user->teamId(), 'athlete_id' => $athlete->id, 'side' => $side, 'examination_id' => $id,
                    'content' => [
                        'status' => $status, 'notThis' => $limits ? ['jumping'] : [], 'thisYes' => $limits ? ['cycling'] : [],
                        'coachMayKnow' => true,
                    ],
                ]);
            }
            $this->getJson('/api/board')->assertOk()->assertJsonCount(1)->assertJsonPath('0.status', $told)
                ->assertJsonPath('0.notThis', $told === 'modified' ? ['jumping'] : [])
                ->assertJsonPath('0.thisYes', $told === 'modified' ? ['cycling'] : []);
        }
    }

    public function test_what_was_kept_in_words_is_kept_by_code_after_an_upgrade(): void
    {
        $user = $this->member();
        $id = $this->signed($user, ['consentGiven' => true]);
        Availability::query()->firstOrFail()->update(['content' => [
            'status' => 'modified', 'notThis' => ['cutting', 'full bend under load'],
            'thisYes' => ['cycling', 'upper-body training'], 'coachMayKnow' => true,
        ]]);
        (require database_path('migrations/2026_11_30_000011_activities_by_code.php'))->up();
        $kept = Availability::query()->where('examination_id', $id)->firstOrFail()->content;
        self::assertSame([['cutting', 'full_bend_loaded'], ['cycling', 'upper_body']], [$kept['notThis'], $kept['thisYes']]);
        $this->getJson('/api/board')->assertOk()
            ->assertJsonPath('0.notThis', ['cutting', 'full bend under load'])
            ->assertJsonPath('0.thisYes', ['cycling', 'upper-body training']);
    }

    /**
     * A loose knee that was signed; its examination.
     *
     * @param  array<string, mixed>  $opening
     */
    private function signed(User $user, array $opening): string
    {
        $id = $this->examinationBy($user);
        $this->save($id, 'sections/opening', $opening)->assertOk();
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();
        $this->save($id, 'records/lachman/left', ['differenceBand' => 'clear', 'endFeel' => 'soft'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }
}
