<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\AthleteFiles\PruneExpired;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Club\Models\Athlete;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a knee turned out to have, beside what was held likely when it was signed. */
final class ReferenceResultsTest extends FeatureTestCase
{
    private const TORN = [['condition' => 'acl', 'seen' => 'present', 'grade' => 3]];

    public function test_what_came_stands_beside_what_was_held_likely_at_the_last_signature(): void
    {
        $user = $this->member();
        $id = $this->signedBy($user);
        $signed = $this->getJson("/api/examinations/{$id}")->json('assessment.conditions');
        usort($signed, static fn (array $one, array $other): int => $other['posttest'] <=> $one['posttest']);
        $episode = $this->episode($id);
        self::assertSame($id, $episode->json('predicted.examination'));
        self::assertSame(array_column($signed, 'id'), $episode->json('predicted.conditions.*.id'));
        self::assertEqualsWithDelta($signed[0]['posttest'], $episode->json('predicted.conditions.0.chance'), 1e-12);
        self::assertSame($signed[0]['zone'], $episode->json('predicted.conditions.0.zone'));
        self::assertSame(range(1, 9), $episode->json('predicted.conditions.*.rank'));

        $this->add($id, ['note' => 'torn at the thigh'])->assertCreated();
        $this->episode($id)->assertJsonPath('consensus.0.condition', 'acl')->assertJsonPath('consensus.0.grade', 3)
            ->assertJsonPath('consensus.0.by', 'MRI')->assertJsonCount(1, 'consensus');
        self::assertStringNotContainsString('torn', (string) json_encode(DB::table('reference_results')->get()));
        $athlete = Athlete::query()->firstOrFail()->id;
        $came = $this->getJson("/api/athletes/{$athlete}")->assertJsonPath('episodes.0.consensus.0.label', 'ACL tear')
            ->json('examinations.0.came');
        self::assertSame(['ACL tear', 'act'], [$came['found'][0]['label'], $came['found'][0]['zone']]);
        self::assertStringContainsString(': a knee surgeon', implode('; ', $came['sentOn']));
        self::assertSame('out', $came['availability']);
    }

    public function test_what_came_stands_beside_the_last_visit_before_it_not_beside_those_that_knew(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $first = $this->signedBy($user);
        $athlete = Athlete::query()->firstOrFail()->id;
        $this->add($first, ['on' => '2026-05-11'])->assertCreated();
        $this->add($first, ['on' => '2026-05-01', 'answers' => [['condition' => 'pcl', 'seen' => 'absent']]])->assertCreated();
        $this->travelTo('2026-06-20 09:00:00');
        $later = (string) $this->actingAs($user)->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 45, 'route' => 'clinic_full',
        ])->json('id');
        $this->save($later, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($later, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$later}/signature", $this->seen($later))->assertOk();

        $episode = $this->episode($first)->assertJsonPath('predicted.examination', $later);
        $acl = collect($this->getJson("/api/examinations/{$first}")->json('assessment.conditions'))->firstWhere('id', 'acl');
        self::assertEqualsWithDelta($acl['posttest'], $episode->json('consensus.0.predicted.chance'), 1e-12);
        $episode->assertJsonPath('consensus.1.condition', 'pcl')->assertJsonPath('consensus.1.predicted', null);
    }

    public function test_a_result_is_held_against_the_visit_that_asked_for_it_and_what_was_asked_comes_first(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $first = $this->signedBy($user);
        $task = Task::query()->where('kind', TaskKind::Referral)->firstOrFail();
        self::assertSame(['acl'], $task->content['asks'] ?? null);
        $this->travelTo('2026-05-20 09:00:00');
        $athlete = Athlete::query()->firstOrFail()->id;
        $later = (string) $this->actingAs($user)->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 14, 'route' => 'clinic_full',
        ])->json('id');
        $this->save($later, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($later, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$later}/signature", $this->seen($later))->assertOk();
        $episode = Examination::query()->findOrFail($first)->episode_id;
        $asked = $this->getJson("/api/episodes/{$episode}?task={$task->id}")->assertOk()
            ->assertJsonPath('asked', ['acl'])->assertJsonPath('predicted.examination', $first);
        $this->add($first, ['task' => $task->id, 'on' => '2026-05-21'])->assertCreated();
        $held = collect($asked->json('predicted.conditions'))->firstWhere('id', 'acl')['chance'];
        self::assertEqualsWithDelta($held, $this->episode($first)->json('consensus.0.predicted.chance'), 1e-12);
        $this->getJson("/api/episodes/{$episode}?task=elsewhere")->assertNotFound();
    }

    /** A weaker look does not take back what a stronger one saw, whichever came first; of equals the later stands. */
    public function test_the_strongest_look_stands_and_of_equals_the_latest(): void
    {
        $id = $this->openedBy($this->member());
        $this->add($id, ['kind' => 'arthroscopy', 'on' => '2026-05-01']);
        $this->add($id, ['on' => '2026-06-01', 'answers' => [['condition' => 'acl', 'seen' => 'absent'], ['condition' => 'mcl', 'seen' => 'present']]]);
        $this->add($id, ['on' => '2026-06-20', 'answers' => [['condition' => 'mcl', 'seen' => 'absent']]]);
        $this->add($id, ['kind' => 'clinical_course', 'weeks' => 12, 'on' => '2026-08-01', 'answers' => [['condition' => 'mcl', 'seen' => 'present']]]);
        $consensus = $this->episode($id)->json('consensus');
        self::assertSame([['acl', 'present', 'Arthroscopy', true], ['mcl', 'absent', 'MRI', true]], array_map(
            static fn (array $one): array => [$one['condition'], $one['seen'], $one['by'], $one['disputed']], $consensus,
        ));
    }

    public function test_what_had_asked_for_it_is_done_with_it(): void
    {
        $user = $this->member();
        $id = $this->signedBy($user);
        $task = Task::query()->where('kind', TaskKind::Referral)->first() ?? self::fail('nobody was asked');
        $this->putJson("/api/tasks/{$task->id}", ['state' => 'sent'])->assertOk();
        $awaited = collect($this->getJson('/api/today')->json('due'))->firstWhere('id', $task->id);
        self::assertSame(Examination::query()->firstOrFail()->episode_id, $awaited['episode']);
        $this->add($id, ['task' => $task->id])->assertCreated();
        self::assertSame(['done', 'MRI came'], [$task->refresh()->state->value, $task->closing]);
        $this->add($id, ['task' => $task->id])->assertStatus(422);
        self::assertSame(1, ReferenceResult::query()->count());
    }

    public function test_what_is_removed_counts_no_more_and_can_be_taken_back_for_a_day(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $result = (string) $this->add($id)->json('id');
        $this->deleteJson("/api/reference-results/{$result}")->assertNoContent();
        $this->episode($id)->assertJsonCount(0, 'consensus')->assertJsonPath('referenceResults.0.removed', true);
        $this->travel(23)->hours();
        (new PruneExpired)();
        $this->actingAs($user)->postJson("/api/reference-results/{$result}/restoration")->assertNoContent();
        $this->episode($id)->assertJsonCount(1, 'consensus');
        $this->deleteJson("/api/reference-results/{$result}")->assertNoContent();
        $this->travel(25)->hours();
        (new PruneExpired)();
        self::assertSame(0, DB::table('reference_results')->count());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function wrong(): iterable
    {
        yield 'nothing looked for' => [['answers' => []], 'answers'];
        yield 'a condition that is none' => [['answers' => [['condition' => 'knee', 'seen' => 'present']]], 'answers.0.condition'];
        yield 'the same twice' => [['answers' => [...self::TORN, ['condition' => 'acl', 'seen' => 'absent']]], 'answers.0.condition'];
        yield 'a torn meniscus has no grade' => [['answers' => [['condition' => 'medial_meniscus', 'seen' => 'present', 'grade' => 2]]], 'answers.0'];
        yield 'nor has what is whole' => [['answers' => [['condition' => 'acl', 'seen' => 'absent', 'grade' => 1]]], 'answers.0'];
        yield 'a scan of next week' => [['on' => '2126-01-01'], 'on'];
        yield 'no picture shows a pain' => [['answers' => [['condition' => 'patellofemoral_pain', 'seen' => 'absent']]], 'answers.0.condition'];
        yield 'a number for a day' => [['on' => 1e308], 'on'];
        yield 'a list for a kind' => [['kind' => []], 'kind'];
        yield 'a look that is none' => [['kind' => 'guess'], 'kind'];
        yield 'a scan that treats' => [['treated' => 'reconstructed'], 'treated'];
        yield 'a list for a kind that treats' => [['kind' => [], 'treated' => 'reconstructed'], 'kind'];
    }

    /**
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_with_its_place(array $said, string $path): void
    {
        $id = $this->openedBy($this->member());
        $this->add($id, $said)->assertStatus(422)->assertJsonPath('error.path', $path);
        self::assertSame(0, ReferenceResult::query()->count());
    }

    /**
     * @param  array<string, mixed>  $said
     */
    private function add(string $examination, array $said = []): TestResponse
    {
        $episode = Examination::query()->findOrFail($examination)->episode_id;

        return $this->postJson("/api/episodes/{$episode}/reference-results", [
            'kind' => 'mri', 'on' => '2026-05-20', 'answers' => self::TORN, ...$said,
        ]);
    }

    private function episode(string $examination): TestResponse
    {
        $episode = Examination::query()->findOrFail($examination)->episode_id;

        return $this->getJson("/api/episodes/{$episode}")->assertOk();
    }

    private function signedBy(User $user): string
    {
        $id = $this->openedBy($user);
        $this->save($id, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm'])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => [
            'footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true,
        ]])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }
}
