<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clinic\Models\Examination;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\ExaminationStatus;
use Illuminate\Support\Facades\DB;

/** Each part is saved by itself, once, and never over a newer one. */
final class SavingTest extends FeatureTestCase
{
    private const LACHMAN = ['translationMm' => 10, 'endFeel' => 'soft'];

    public function test_a_finding_is_kept_and_judged_at_once(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm'])->assertOk();
        $answer = $this->save($id, 'records/lachman/left', self::LACHMAN)->assertOk();

        self::assertSame(1, $answer->json('version'));
        self::assertSame(2, $answer->json('assessment.measurements.0.grade'));
        self::assertGreaterThan(0.7, $answer->json('assessment.conditions.0.posttest'));
        $stored = $this->getJson("/api/examinations/{$id}")->assertOk();
        self::assertSame(['translationMm' => 10, 'endFeel' => 'soft'], $stored->json('records.1.payload'));
        self::assertSame($answer->json('assessment.conditions'), $stored->json('assessment.conditions'));
    }

    public function test_an_answer_leaves_out_what_the_asker_holds_already(): void
    {
        $id = $this->openedBy($this->member());
        $first = $this->save($id, 'records/lachman/left', self::LACHMAN)->assertOk();
        $second = $this->putJson("/api/examinations/{$id}/records/warmth/left", [
            'key' => 'with-what-is-known', 'version' => 0, 'payload' => ['warmer' => false], 'known' => $first
                ->json('marks'),
        ])->assertOk();
        $whole = $this->getJson("/api/examinations/{$id}")->json('assessment');
        self::assertEquals($whole, [...$first->json('assessment'), ...$second->json('assessment')]);
        self::assertSame(array_keys($whole), array_keys($second->json('marks')));
        self::assertSame(['route', 'nextTests', 'plan'], array_keys($second->json('assessment')));
    }

    public function test_the_same_save_sent_twice_changes_nothing(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', self::LACHMAN, 0, 'the-same-key')->assertOk();
        $this->save(
            $id,
            'records/lachman/left',
            self::LACHMAN,
            0,
            'the-same-key',
        )->assertOk()->assertJson(['version' => 1]);
        self::assertSame(1, StoredRecord::query()->count());
    }

    public function test_a_stale_save_is_told_the_newer_state_and_changes_nothing(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', self::LACHMAN)->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 4], 0)
            ->assertStatus(409)
            ->assertJson(['newer' => ['version' => 1, 'payload' => ['translationMm' => 10]]]);
        $this->save($id, 'records/lachman/left', ['translationMm' => 4], 1)->assertOk()->assertJson(['version' => 2]);
    }

    public function test_what_the_core_refuses_is_not_stored(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 99])
            ->assertStatus(422)
            ->assertExactJson(['error' => ['path' => 'findings[0].translationMm', 'reason' => 'expected 0 to 40 mm']]);
        self::assertSame(0, StoredRecord::query()->count());
        $this->save($id, 'sections/safety', ['deformed' => true], 1)->assertStatus(422);
        $this->save($id, 'sections/elsewhere', [])->assertNotFound();
    }

    public function test_a_finding_can_be_taken_back_and_given_again(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', self::LACHMAN)->assertOk();
        $this->deleteJson("/api/examinations/{$id}/records/lachman/left", ['key' => 'taking-it-back', 'version' => 1])
            ->assertOk()->assertJson(['version' => 2, 'assessment' => ['measurements' => []]]);
        $this->save($id, 'records/lachman/left', self::LACHMAN, 2)->assertOk()->assertJson(['version' => 3]);
    }

    public function test_a_finding_off_limits_needs_a_reason_and_an_earlier_one_is_marked(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/anterior_drawer/left', ['translationMm' => 6])->assertOk();
        $this->save($id, 'sections/safety', [...self::CLEAR, 'cannotTakeFourSteps' => true], 1)->assertOk();
        self::assertTrue($this->getJson("/api/examinations/{$id}")->json('records.0.beforeGate'));

        $this->save(
            $id,
            'records/pivot_shift/left',
            ['grade' => 'none'],
        )->assertStatus(422)->assertJsonPath('error.path', 'pivot_shift:left')->assertJsonPath(
            'hold',
            ['kind' => 'rule', 'rule' => 'fracture_rule_positive', 'mayOverride' => true],
        );
        $this->save(
            $id,
            'records/pivot_shift/left',
            ['grade' => 'none', 'override' => 'under anaesthesia'],
        )->assertOk();
    }

    public function test_a_signed_examination_never_changes(): void
    {
        $id = $this->openedBy($this->member());
        Examination::query()->whereKey($id)->update(['status' => ExaminationStatus::Signed]);
        $this->save($id, 'records/lachman/left', self::LACHMAN)->assertStatus(423);
        self::assertSame(0, StoredRecord::query()->count());
    }

    public function test_names_and_findings_are_unreadable_at_rest(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['note' => 'cried when it went', ...self::LACHMAN])->assertOk();
        $rows = json_encode([DB::table('athletes')->get(), DB::table('records')->get()]);
        self::assertStringNotContainsString('Mirre', (string) $rows);
        self::assertStringNotContainsString('cried', (string) $rows);
    }
}
