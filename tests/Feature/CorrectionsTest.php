<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskState;
use App\Trust\Audit\Verifier;
use Illuminate\Support\Facades\DB;
use Smalot\PdfParser\Parser;

/** What is done about a signed examination that was wrong. */
final class CorrectionsTest extends FeatureTestCase
{
    public function test_a_word_is_added_and_nothing_signed_changes(): void
    {
        $id = $this->signedBy($this->member());
        $before = $this->getJson("/api/examinations/{$id}")->json();
        $this->postJson("/api/examinations/{$id}/addenda", ['words' => ' '])->assertStatus(422)->assertJsonPath('error.path', 'words');
        $this->postJson("/api/examinations/{$id}/addenda", ['words' => 'He rang: it was the left foot'])->assertCreated();
        $after = $this->getJson("/api/examinations/{$id}")->assertJsonPath('addenda.0.words', 'He rang: it was the left foot')->json();
        self::assertSame(array_diff_key($before, ['addenda' => 0]), array_diff_key($after, ['addenda' => 0]));
        self::assertSame([], app(Verifier::class)->faults());
        self::assertStringNotContainsString('rang', (string) json_encode(DB::table('addenda')->get()));
        $pdf = (new Parser)->parseContent((string) $this->get("/api/examinations/{$id}/summary.pdf")->content())->getText();
        self::assertStringContainsString('it was the left foot', preg_replace('/\s+/', ' ', $pdf));
    }

    public function test_another_takes_its_place_once_it_is_signed_and_both_stay_in_sight(): void
    {
        $user = $this->member();
        $id = $this->signedBy($user);
        $episode = Examination::query()->findOrFail($id)->episode_id;
        $draft = (string) $this->postJson("/api/examinations/{$id}/correction")->assertCreated()->json('id');
        self::assertSame($draft, $this->postJson("/api/examinations/{$id}/correction")->json('id'));
        $parts = static fn (array $of): array => array_map(static fn (array $one): array => [$one['manoeuvre'] ?? $one['name'], $one['payload']], $of);
        $old = $this->getJson("/api/examinations/{$id}")->assertJsonPath('supersededBy', ['id' => $draft, 'isSigned' => false])->json();
        $new = $this->getJson("/api/examinations/{$draft}")->assertJsonPath('supersedes', $id)->json();
        self::assertSame([$parts($old['sections']), $parts($old['records'])], [$parts($new['sections']), $parts($new['records'])]);
        self::assertSame($old['examinedAt'], $new['examinedAt']);
        $this->getJson("/api/episodes/{$episode}/course")->assertJsonCount(1, 'visits')->assertJsonPath('visits.0.examination', $id);

        $this->save($draft, 'records/lachman/left', ['translationMm' => 3, 'endFeel' => 'firm'], 1)->assertOk();
        $this->postJson("/api/examinations/{$draft}/signature", $this->seen($draft))->assertOk();
        $this->getJson("/api/examinations/{$id}")->assertOk()->assertJsonPath('supersededBy.isSigned', true);
        $this->getJson("/api/episodes/{$episode}/course")->assertJsonCount(1, 'visits')->assertJsonPath('visits.0.examination', $draft)
            ->assertJsonPath('episode.predicted.examination', $draft);
        $athlete = Examination::query()->with('episode')->findOrFail($id)->episode->athlete_id;
        $told = collect($this->getJson("/api/athletes/{$athlete}")->json('examinations'))->pluck('corrected', 'id');
        self::assertSame([true, false], [$told[$id], $told[$draft]]);
        $left = Task::query()->where('examination_id', $id)->get();
        self::assertGreaterThan(0, $left->count());
        self::assertSame([TaskState::LetGo], $left->pluck('state')->unique()->values()->all());
        self::assertSame([$draft], DB::table('availabilities')->pluck('examination_id')->all());
        $this->postJson("/api/examinations/{$id}/correction")->assertStatus(422);
        self::assertSame([], app(Verifier::class)->faults());
    }

    public function test_what_was_found_last_time_stands_beside_what_is_measured_now(): void
    {
        $this->travelTo('2026-05-10 09:00:00');
        $user = $this->member();
        $first = $this->signedBy($user);
        $athlete = $this->getJson("/api/examinations/{$first}")->assertJsonPath('lastTime', null)->json('athlete.id');
        $this->travelTo('2026-05-22 08:00:00');
        $second = (string) $this->actingAs($user)->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 16, 'route' => 'clinic_core',
        ])->json('id');
        $last = $this->getJson("/api/examinations/{$second}")->assertOk()->assertJsonPath('lastTime.daysAgo', 12)
            ->assertJsonPath('lastTime.examination', $first)->json('lastTime.records');
        $left = collect($last)->where('manoeuvre', 'lachman')->firstWhere('side', 'left');
        self::assertSame(['10 mm, soft', [['field' => 'translationMm', 'value' => 10]]], [$left['say'], $left['numbers']]);
        $other = (string) $this->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'right', 'daysSinceInjury' => 0, 'route' => 'clinic_core',
        ])->json('id');
        $this->getJson("/api/examinations/{$other}")->assertJsonPath('lastTime', null);
    }

    private function signedBy(User $user): string
    {
        $id = $this->openedBy($user);
        $held = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];
        $this->save($id, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm'])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => $held])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }
}
