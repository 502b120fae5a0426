<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\Task;

/** What the contract says of what students propose. */
trait ProposalPromises
{
    private function proposals(string $signed, User $user): void
    {
        $student = User::factory()->memberOf($user->present()->team, Role::Student)->create();
        $this->handTo($student, $signed);
        $episode = Examination::query()->findOrFail($signed)->episode;
        $task = Task::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $episode->athlete_id, 'examination_id' => $signed,
            'kind' => 'referral', 'state' => 'open', 'content' => ['title' => 'surgeon', 'why' => '', 'side' => 'left'],
        ])->id;
        $propose = fn () => $this->actingAs($student)
            ->postJson("/api/athletes/{$episode->athlete_id}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])
            ->assertStatus(202)->json('proposal.id');
        $first = (string) $propose();
        $this->putJson("/api/tasks/{$task}", ['state' => 'sent'])->assertStatus(202);
        $this->postJson("/api/episodes/{$episode->id}/reference-results", self::MRI)->assertStatus(202);
        $this->putJson("/api/proposals/{$first}", ['take' => true])->assertForbidden();
        $this->deleteJson("/api/proposals/{$first}")->assertNoContent();
        $this->deleteJson("/api/proposals/{$first}")->assertNotFound();
        $other = (string) $propose();
        $this->actingAs($user)->deleteJson("/api/proposals/{$other}")->assertForbidden();
        $this->putJson("/api/proposals/{$other}", ['take' => false])->assertStatus(422);
        $this->putJson("/api/proposals/{$other}", ['take' => true])->assertNoContent();
        $this->putJson("/api/proposals/{$other}", ['take' => true])->assertConflict();
        $this->putJson("/api/proposals/{$first}", ['take' => true])->assertNotFound();
        $this->actingAs($student)->deleteJson("/api/proposals/{$other}")->assertConflict();
        Proposal::query()->withoutGlobalScopes()->delete();
        $this->actingAs($user);
    }

    /** Something to do that a student proposes; its id. */
    private function proposalOf(User $user, string $athlete): string
    {
        $student = User::factory()->memberOf($user->present()->team, Role::Student)->create();

        return Proposal::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $athlete, 'kind' => 'follow_up', 'state' => 'open',
            'content' => ['title' => 'ring', 'dueOn' => '2026-12-01'], 'made_by' => $student->id,
        ])->id;
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function proposalChanges(): array
    {
        return [['PUT', '/api/proposals/{proposal}', ['take' => true]], ['DELETE', '/api/proposals/{proposal}', []]];
    }
}
