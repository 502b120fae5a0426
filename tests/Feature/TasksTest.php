<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** What is due: from a signed plan, and by hand. */
final class TasksTest extends FeatureTestCase
{
    public function test_a_signed_plan_says_who_is_asked_and_when_the_knee_is_seen_again(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $this->signedBy($this->member());
        $tasks = Task::query()->orderBy('id')->get();
        $plan = $this->getJson("/api/examinations/{$tasks[0]->examination_id}")->json('assessment.plan');
        self::assertCount(\count($plan['sendOn']) + 1, $tasks);
        $again = $tasks->firstWhere('kind', TaskKind::LookAgain);
        self::assertNotNull($again);
        self::assertStringContainsString($plan['lookAgain']['say'], $again->content['title']);
        self::assertSame(
            Date::today()->addDays($plan['lookAgain']['to'] ?? $plan['lookAgain']['from'])->toDateString(),
            $again->due_on?->toDateString(),
        );
        self::assertStringNotContainsString('Re-examine', (string) json_encode(DB::table('tasks')->get()));
    }

    public function test_looking_again_closes_what_asked_for_it(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $first = $this->signedBy($user);
        $athlete = $this->getJson("/api/examinations/{$first}")->json('athlete.id');
        $this->travelTo('2026-05-14 09:00:00');
        $this->actingAs($user);
        $second = (string) $this->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 8, 'route' => 'clinic_full',
        ])->assertCreated()->json('id');
        $this->save($second, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($second, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$second}/signature", $this->seen($second))->assertOk();
        $closed = collect($this->getJson("/api/athletes/{$athlete}")->json('tasks'))
            ->where('examination', $first)->firstWhere('kind', 'look_again');
        self::assertSame(['done', 'looked at again'], [$closed['state'], $closed['closing']]);
    }

    public function test_today_tells_what_is_overdue_due_and_awaited_and_nothing_else(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $this->actingAs($user);
        foreach (['2026-05-10' => 'ring today', '2026-05-14' => 'ring on Thursday', '2026-06-30' => 'ring in June'] as $day => $title) {
            $this->note($user, $title, $day)->assertCreated();
        }
        self::assertSame(['ring today' => 'today', 'ring on Thursday' => 'week'], $this->due());
        $this->travelTo('2026-05-12 09:00:00');
        $this->actingAs($user);
        self::assertSame(['ring today' => 'overdue', 'ring on Thursday' => 'week'], $this->due());
        $this->actingAs($this->member('Marsh End Judo'));
        self::assertSame([], $this->due());
    }

    public function test_it_is_done_moved_or_let_go_with_a_reason_and_then_it_is_closed(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->note($user, 'ring the clinic', '2026-05-10')->json('id');
        $change = fn (array $what): TestResponse => $this->putJson("/api/tasks/{$id}", $what);
        $change(['state' => 'open', 'dueOn' => '2026-05-01'])->assertStatus(422)->assertJsonPath('error.path', 'dueOn');
        $change(['state' => 'open', 'dueOn' => '2026-06-30'])->assertOk()->assertJsonPath('when', 'later');
        $change(['state' => 'open', 'dueOn' => '2026-05-12'])->assertOk()->assertJsonPath('when', 'week');
        $change(['state' => 'sent'])->assertStatus(422)->assertJsonPath('error.reason', 'only a referral is sent');
        $change(['state' => 'let_go'])->assertStatus(422)->assertJsonPath('error.path', 'note');
        $change(['state' => 'let_go', 'note' => 'moved away'])->assertOk()->assertJsonPath('closing', 'moved away');
        $change(['state' => 'done'])->assertStatus(422)->assertJsonPath('error.reason', 'this is closed already');
        self::assertSame([], $this->due());
    }

    public function test_a_referral_is_sent_awaited_and_answered(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $this->signedBy($this->member());
        $task = Task::query()->where('kind', 'referral')->firstOrFail();
        $this->putJson("/api/tasks/{$task->id}", ['state' => 'sent'])->assertOk()->assertJsonPath('when', 'awaited');
        self::assertContains('awaited', $this->due());
        $this->putJson("/api/tasks/{$task->id}", ['state' => 'done', 'note' => 'torn, says the scan'])->assertOk();
        self::assertNotContains('awaited', $this->due());
    }

    /** A knee that is sent on and seen again; its examination. */
    private function signedBy(User $user): string
    {
        $id = $this->openedBy($user);
        $this->save($id, 'sections/history', [
            'mechanism' => ['twist_on_planted_foot'], 'pop' => true, 'couldNotContinue' => true, 'swellingOnset' => 'within_2_hours',
        ])->assertOk();
        $held = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];
        $this->save($id, 'records/posterior_sag/right', ['normal' => true])->assertOk();
        $this->save($id, 'records/posterior_sag/left', ['sagSeen' => false])->assertOk();
        $this->save($id, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => $held])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 11, 'endFeel' => 'soft', 'checks' => $held])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }

    private function note(User $user, string $title, string $day): TestResponse
    {
        return $this->postJson("/api/athletes/{$this->athleteOf($user)->id}/tasks", ['title' => $title, 'dueOn' => $day]);
    }

    /**
     * @return array<string, string> when, by title
     */
    private function due(): array
    {
        $due = $this->getJson('/api/today')->assertOk()->json('due');
        self::assertIsArray($due);

        return array_column($due, 'when', 'title');
    }
}
