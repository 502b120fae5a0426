<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Task;
use Illuminate\Support\Arr;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/**
 * Each answer with two of everything that it lists: what is asked for one by one is refused by the models, and only
 * shows where there is more than one.
 */
final class ListsTest extends FeatureTestCase
{
    private const MRI = [
        'kind' => 'mri', 'on' => '2026-05-01', 'note' => 'seen by a radiologist',
        'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 3], ['condition' => 'mcl', 'seen' => 'absent']],
    ];

    private const WORDS = [
        'to' => ['name' => '', 'practice' => '', 'address' => '', 'email' => ''], 'subject' => 'Left knee', 'carries' => [],
    ];

    private User $lead;

    private User $student;

    private string $athlete;

    private string $episode;

    private string $first;

    private string $last;

    private string $letter;

    private string $import;

    public function test_every_list_of_every_answer_with_two_of_each(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $this->lead = $this->member(role: Role::Lead);
        $this->student = User::factory()->memberOf($this->lead->present()->team, Role::Student)->create();
        $this->visits();
        $this->results();
        $this->letters();
        $this->people();

        $this->actingAs($this->lead);
        foreach ($this->answers() as $path => $lists) {
            $answer = $this->getJson("/api/{$path}")->assertOk();
            foreach ($lists as $list) {
                $this->assertHasTwo($answer, $list, $path);
            }
        }
        foreach (["examinations/{$this->last}/summary.pdf", "letters/{$this->letter}/pdf", 'athletes.csv', 'audit-log.csv'] as $file) {
            $this->get("/api/{$file}")->assertOk();
        }
        self::assertNotSame('', $this->archiveOf($this->athlete));
        $this->actingAs($this->student);
        foreach (['today', "athletes/{$this->athlete}"] as $path) {
            $this->assertHasTwo($this->getJson("/api/{$path}")->assertOk(), 'proposals', $path);
        }
    }

    /**
     * @return array<string, list<string>>
     */
    private function answers(): array
    {
        return [
            'today' => ['due', 'proposals', 'toSign', 'unfinished', 'seen', 'athletes'],
            "athletes/{$this->athlete}" => [
                'tasks', 'proposals', 'letters', 'examinations', 'episodes', 'episodes.0.referenceResults', 'episodes.0.consensus',
                'episodes.0.predicted.conditions', 'episodes.0.referenceResults.0.files',
            ],
            'athletes/archived' => ['athletes'],
            'squads' => ['squads'],
            'board' => ['players'],
            "episodes/{$this->episode}" => ['referenceResults', 'consensus', 'predicted.conditions'],
            "episodes/{$this->episode}/course" => ['visits', 'visits.0.chances', 'asked', 'curves'],
            "episodes/{$this->episode}/comparison?before={$this->first}&after={$this->last}" => [],
            "examinations/{$this->last}" => ['sections', 'records', 'addenda', 'assessment.conditions'],
            "examinations/{$this->last}/letters" => ['letters'],
            "letters/{$this->letter}" => ['versions', 'referrals'],
            'doctors' => ['doctors'],
            'audit-log' => ['entries', 'people', 'kinds'],
            'imports' => ['imports'],
            "imports/{$this->import}" => [],
            'members' => ['members', 'invitations', 'roles'],
            'mails' => ['mails'],
            'retention' => [],
            'sessions' => [],
        ];
    }

    private function assertHasTwo(TestResponse $answer, string $list, string $path): void
    {
        $whole = $answer->json();
        self::assertIsArray($whole);
        // Some answers are a list themselves.
        $found = array_is_list($whole) ? $whole : Arr::get($whole, $list);
        self::assertIsArray($found, "{$path} has no list {$list}: ".implode(', ', array_keys($whole)));
        self::assertGreaterThanOrEqual(2, count($found), "{$list} of {$path}");
    }

    /** Two signed visits of one knee, two of another athlete unfinished, and two of the student to be signed. */
    private function visits(): void
    {
        foreach ([$this->lead, $this->lead, $this->student, $this->student] as $by) {
            $this->openedBy($by);
        }
        foreach (Examination::query()->where('examiner_id', $this->student->id)->pluck('id') as $id) {
            $this->actingAs($this->student)->postJson("/api/examinations/{$id}/countersignature")->assertNoContent();
        }
        $this->actingAs($this->lead);
        $this->sign($this->openedBy($this->lead));
        $this->first = $this->openedBy($this->lead);
        $this->athlete = Examination::query()->findOrFail($this->first)->episode->athlete_id;
        $this->sign($this->first);
        $right = ['hurtSide' => 'right', 'daysSinceInjury' => 40, 'route' => 'clinic_full'];
        $this->postJson("/api/athletes/{$this->athlete}/examinations", $right)->assertCreated();
        $again = $this->postJson("/api/athletes/{$this->athlete}/examinations", ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_full']);
        $this->last = (string) $again->assertCreated()->json('id');
        $this->save($this->last, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($this->last, 'sections/safety', self::CLEAR)->assertOk();
        $this->sign($this->last);
        $this->episode = Examination::query()->findOrFail($this->last)->episode_id;
        foreach (['She rang.', 'She rang again.'] as $words) {
            $this->postJson("/api/examinations/{$this->last}/addenda", ['words' => $words])->assertCreated();
        }
    }

    private function sign(string $id): void
    {
        $loose = ['translationMm' => 12, 'endFeel' => 'soft', 'checks' => ['hamstringsRelaxed' => true]];
        $this->save($id, 'records/lachman/left', $loose)->assertOk();
        $this->save($id, 'records/valgus_30/left', ['openingMm' => 6])->assertOk();
        $this->save($id, 'records/lachman/right', ['translationMm' => 3])->assertOk();
        $this->save($id, 'records/valgus_30/right', ['openingMm' => 2])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
    }

    /** Two results with two files each, two tasks, and two proposals of the student. */
    private function results(): void
    {
        foreach (range(1, 2) as $number) {
            $this->actingAs($this->lead);
            $result = (string) $this->postJson("/api/episodes/{$this->episode}/reference-results", self::MRI)->assertCreated()->json('id');
            $this->attachTo($result, '%PDF-1.4 a report', 'one.pdf')->assertCreated();
            $this->attachTo($result, '%PDF-1.4 another', 'two.pdf')->assertCreated();
            $due = ['title' => "Ring the hospital {$number}", 'dueOn' => '2026-05-14'];
            $this->postJson("/api/athletes/{$this->athlete}/tasks", $due)->assertCreated();
            $this->handTo($this->student, $this->last);
            $this->actingAs($this->student)->postJson("/api/athletes/{$this->athlete}/tasks", $due)->assertStatus(202);
        }
        $this->actingAs($this->lead);
    }

    private function letters(): void
    {
        foreach (range(1, 2) as $number) {
            $this->postJson('/api/doctors', ['name' => "Dr Ines Falkner {$number}", 'field' => '', 'practice' => '', 'address' => '', 'email' => '', 'phone' => ''])
                ->assertCreated();
            $this->letter = (string) $this->postJson("/api/examinations/{$this->last}/letters", ['doctor' => null])->assertCreated()->json('id');
        }
        $this->putJson("/api/letters/{$this->letter}", [...self::WORDS, 'version' => 1, 'text' => 'First'])->assertOk();
        // The first visit asked; the second confirms what stands open.
        $referral = Task::query()->where('examination_id', $this->first)->where('kind', 'referral')->firstOrFail();
        $another = $referral->replicate(['content']);
        $another->id = strtolower((string) Str::ulid());
        $another->content = $referral->content;
        $another->save();
    }

    /** Two lists, two invitations and two athletes who have left. */
    private function people(): void
    {
        foreach ([1 => ['Edda Sollund', 'Oskar Penhale'], 2 => ['Wynn Tarbuck', 'Mila Corrie']] as $number => [$one, $another]) {
            $list = "name,birth date,squad\n{$one},2005-02-01,Judo\n{$another},2006-02-01,Handball";
            $this->import = (string) $this->postJson('/api/imports', [
                'content' => base64_encode($list),
            ])->assertSuccessful()->json('id');
            $this->postJson('/api/invitations', ['email' => "guest{$number}@marsh.example", 'role' => 'coach'])->assertCreated();
            $gone = $this->athleteOf($this->lead);
            $this->deleteJson("/api/athletes/{$gone->id}")->assertNoContent();
        }
    }
}
