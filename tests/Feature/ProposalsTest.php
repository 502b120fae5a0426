<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use Illuminate\Support\Facades\DB;

/** What a student enters about results and what is due counts nowhere until a practitioner accepts it. */
final class ProposalsTest extends FeatureTestCase
{
    private const TORN = [
        'kind' => 'mri', 'on' => '2026-05-01', 'note' => 'seen by Dr Falkner',
        'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 3], ['condition' => 'mcl', 'seen' => 'absent']],
    ];

    private User $lead;

    private User $student;

    private string $examination;

    private string $episode;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lead = $this->member(role: Role::Lead);
        $this->student = User::factory()->memberOf($this->lead->present()->team, Role::Student)->create();
        $this->examination = $this->openedBy($this->student);
        $this->actingAs($this->lead)->postJson("/api/examinations/{$this->examination}/signature", $this->seen($this->examination))
            ->assertOk();
        $this->episode = Examination::query()->findOrFail($this->examination)->episode_id;
    }

    public function test_a_result_counts_once_it_is_taken_over_and_then_as_if_it_had_been_entered_so(): void
    {
        $this->actingAs($this->student)->postJson("/api/episodes/{$this->episode}/reference-results", self::TORN)->assertStatus(202)
            ->assertJsonPath('proposal.title', 'MRI, 1 May 2026: ACL tear grade 3, 1 looked for and not found')
            ->assertJsonPath('proposal.note', 'seen by Dr Falkner')->assertJsonPath('proposal.state', 'open');
        $this->actingAs($this->lead)->getJson("/api/episodes/{$this->episode}")->assertJsonPath('consensus', [])->assertJsonPath('referenceResults', []);
        $id = (string) $this->getJson('/api/today')->assertJsonCount(1, 'proposals')
            ->assertJsonPath('proposals.0.by', $this->student->name)->assertJsonPath('proposals.0.side', 'left')->json('proposals.0.id');
        $this->putJson("/api/proposals/{$id}", ['take' => true])->assertNoContent();
        $this->getJson("/api/episodes/{$this->episode}")->assertJsonPath('consensus.0.label', 'ACL tear')->assertJsonPath('consensus.0.grade', 3);
        self::assertSame($this->lead->id, ReferenceResult::query()->firstOrFail()->made_by, 'who accepted it is its author');
        $this->getJson('/api/today')->assertJsonCount(0, 'proposals');
        $this->actingAs($this->student)->getJson('/api/today')->assertJsonPath('proposals.0.state', 'taken')
            ->assertJsonPath('proposals.0.decidedBy', $this->lead->name);
    }

    public function test_what_is_turned_down_is_told_with_its_reason_and_decided_once(): void
    {
        $this->actingAs($this->student)->postJson("/api/episodes/{$this->episode}/reference-results", self::TORN)->assertStatus(202);
        $id = Proposal::query()->firstOrFail()->id;
        $this->actingAs($this->lead)->putJson("/api/proposals/{$id}", ['take' => false])->assertStatus(422)
            ->assertJsonPath('error.path', 'why');
        $this->putJson("/api/proposals/{$id}", ['take' => false, 'why' => 'that was the other knee'])->assertNoContent();
        $this->putJson("/api/proposals/{$id}", ['take' => true])->assertConflict();
        self::assertSame(0, ReferenceResult::query()->count());
        $this->actingAs($this->student)->getJson('/api/today')->assertJsonPath('proposals.0.why', 'that was the other knee');
        $this->deleteJson("/api/proposals/{$id}")->assertConflict();
        $this->travel(15)->days();
        $this->actingAs($this->student)->getJson('/api/today')->assertJsonCount(0, 'proposals');
    }

    public function test_what_is_due_is_proposed_too_and_refused_at_once_where_nobody_could_do_it(): void
    {
        $athlete = Examination::query()->findOrFail($this->examination)->episode->athlete_id;
        $this->actingAs($this->student)
            ->postJson("/api/athletes/{$athlete}/tasks", ['title' => 'ring the clinic', 'dueOn' => now()->addDay()->toDateString()])
            ->assertStatus(202);
        $due = Task::query()->firstOrFail()->id;
        $this->putJson("/api/tasks/{$due}", ['state' => 'let_go'])->assertStatus(422)->assertJsonPath('error.path', 'note');
        $this->putJson("/api/tasks/{$due}", ['state' => 'let_go', 'note' => 'went home'])->assertStatus(202)
            ->assertJsonPath('proposal.note', 'went home');
        self::assertSame(0, Task::query()->whereNotNull('closed_at')->count());
        self::assertSame(['follow_up', 'change'], DB::table('proposals')->orderBy('id')->pluck('kind')->all());

        $this->actingAs($this->lead);
        foreach ($this->getJson('/api/today')->json('proposals') as $one) {
            $this->putJson("/api/proposals/{$one['id']}", ['take' => true])->assertNoContent();
        }
        self::assertSame('went home', Task::query()->findOrFail($due)->closing);
        $titles = collect($this->getJson("/api/athletes/{$athlete}")->json('tasks'))->pluck('title');
        self::assertContains('ring the clinic', $titles);
    }

    public function test_each_change_is_told_in_words(): void
    {
        $due = Task::query()->firstOrFail();
        $due->update(['kind' => 'referral', 'content' => ['title' => 'Within days: a surgeon', 'why' => '', 'side' => 'left']]);
        $this->actingAs($this->student);
        $on = now()->addDays(3);
        foreach ([
            'it is sent' => ['state' => 'sent'], 'it is done' => ['state' => 'done'],
            "move it to {$on->format('j F Y')}" => ['state' => 'open', 'dueOn' => $on->toDateString()],
            "wait for it until {$on->format('j F Y')}" => ['state' => 'sent', 'dueOn' => $on->toDateString()],
            'dismiss it' => ['state' => 'let_go', 'note' => 'went elsewhere'],
        ] as $words => $change) {
            $this->putJson("/api/tasks/{$due->id}", $change)->assertStatus(202)
                ->assertJsonPath('proposal.title', "“Within days: a surgeon”: {$words}");
        }
    }

    public function test_a_result_that_is_taken_over_answers_what_had_asked_for_it(): void
    {
        $due = Task::query()->firstOrFail();
        $due->update(['kind' => 'referral', 'state' => 'sent']);
        $none = ['kind' => 'clinical_course', 'weeks' => 6, 'answers' => [['condition' => 'acl', 'seen' => 'absent']], 'task' => $due->id];
        $this->actingAs($this->student)->postJson("/api/episodes/{$this->episode}/reference-results", $none + self::TORN)->assertStatus(202)
            ->assertJsonPath('proposal.title', 'Course of weeks after 6 weeks, 1 May 2026: none of 1 found');
        self::assertNull($due->refresh()->closed_at);
        $id = Proposal::query()->firstOrFail()->id;
        $this->actingAs($this->lead)->putJson("/api/proposals/{$id}", ['take' => true])->assertNoContent();
        self::assertSame('Course of weeks came', $due->refresh()->closing);
    }

    public function test_what_was_closed_meanwhile_stays_proposed_until_someone_turns_it_down(): void
    {
        $due = Task::query()->firstOrFail()->id;
        $this->actingAs($this->student)->putJson("/api/tasks/{$due}", ['state' => 'done'])->assertStatus(202);
        $this->actingAs($this->lead)->putJson("/api/tasks/{$due}", ['state' => 'done'])->assertOk();
        $id = Proposal::query()->firstOrFail()->id;
        $this->putJson("/api/proposals/{$id}", ['take' => true])->assertStatus(422)->assertJsonPath('error.reason', 'this is closed already');
        $this->getJson('/api/today')->assertJsonCount(1, 'proposals');
    }

    public function test_only_who_proposed_takes_it_back_and_another_student_sees_nothing_of_it(): void
    {
        $this->actingAs($this->student)->postJson("/api/episodes/{$this->episode}/reference-results", self::TORN)->assertStatus(202);
        $id = Proposal::query()->firstOrFail()->id;
        $other = User::factory()->memberOf($this->lead->present()->team, Role::Student)->create();
        $this->actingAs($other)->deleteJson("/api/proposals/{$id}")->assertNotFound();
        $this->getJson('/api/today')->assertJsonCount(0, 'proposals');
        $this->postJson("/api/episodes/{$this->episode}/reference-results", self::TORN)->assertNotFound();
        $this->actingAs($this->lead)->deleteJson("/api/proposals/{$id}")->assertForbidden();
        $this->actingAs($this->student)->deleteJson("/api/proposals/{$id}")->assertNoContent();
        self::assertSame(0, DB::table('proposals')->count());
    }

    public function test_it_is_sealed_and_goes_with_the_athlete(): void
    {
        $this->actingAs($this->student)->postJson("/api/episodes/{$this->episode}/reference-results", self::TORN)->assertStatus(202);
        $row = (string) json_encode(DB::table('proposals')->get());
        self::assertStringNotContainsString('Falkner', $row);
        self::assertStringNotContainsString('acl', $row);
        $athlete = Examination::query()->findOrFail($this->examination)->episode->athlete_id;
        $this->actingAs($this->lead)->deleteJson("/api/athletes/{$athlete}/record", ['reason' => 'asked for it'])->assertSuccessful();
        self::assertSame(0, DB::table('proposals')->count());
    }
}
