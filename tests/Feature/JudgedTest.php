<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Save;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\StoredRecord;
use PHPUnit\Framework\Attributes\DataProvider;

/** Judged, then stored: what is held, wrongly named or unreadable never reaches the record. */
final class JudgedTest extends FeatureTestCase
{
    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    public function test_hands_wait_for_consent_whatever_the_reason(): void
    {
        $id = $this->examinationBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 4, 'override' => 'there is no time'])
            ->assertStatus(422)->assertJsonPath('hold', ['kind' => 'consent', 'mayOverride' => false]);
        $this->save($id, 'records/inspection/left', ['normal' => true])->assertOk();
        $this->save($id, 'records/distal_pulse/left', ['normal' => true])->assertOk();
        self::assertSame(2, StoredRecord::query()->count());
    }

    public function test_pulling_waits_for_the_gate_and_a_reason_opens_it(): void
    {
        $id = $this->examinationBy($this->member());
        $this->save($id, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'trace'])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 4])
            ->assertStatus(422)->assertJsonPath('error.path', 'lachman:left')->assertJsonPath(
                'hold',
                ['kind' => 'gate', 'mayOverride' => true],
            );
        $this->save($id, 'records/lachman/left', ['notDone' => 'pain'])->assertOk();
        $this->save(
            $id,
            'records/pivot_shift/left',
            ['grade' => 'none', 'override' => 'asked by the surgeon'],
        )->assertOk();
    }

    public function test_a_sign_found_by_hand_closes_what_the_ticks_would_close(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 4, 'checks' => self::HELD])->assertOk();
        $answer = $this->save($id, 'records/distal_pulse/left', ['result' => 'abnormal'])->assertOk();
        self::assertSame(
            ['kind' => 'rule', 'rule' => 'limb_threat', 'mayOverride' => true],
            $answer->json('assessment.safety.holds.lachman'),
        );
        self::assertSame(['lachman:left'], $answer->json('beforeGate'));
        $this->save(
            $id,
            'records/lachman/left',
            ['translationMm' => 5],
            1,
        )->assertStatus(422)->assertJsonPath('hold.rule', 'limb_threat');
        $this->deleteJson(
            "/api/examinations/{$id}/records/lachman/left",
            ['key' => 'taken-back-by-hand', 'version' => 1],
        )->assertOk();
        $this->save(
            $id,
            'records/lachman/left',
            ['translationMm' => 5, 'override' => 'before transport'],
            2,
        )->assertOk();
    }

    public function test_the_finding_that_raised_a_rule_can_be_finished(): void
    {
        $this->bornYearsAgo = 15;
        $id = $this->openedBy($this->member());
        $this->save($id, 'sections/opening', ['consentGiven' => true, 'guardianConsent' => true], 1)->assertOk();
        $answer = $this->save($id, 'records/lachman/left', ['differenceBand' => 'gross'])->assertOk();
        self::assertTrue($answer->json('assessment.safety.holds.lachman.correctable'));
        self::assertNull($answer->json('assessment.safety.holds.anterior_drawer.correctable'));
        $this->save(
            $id,
            'records/lachman/left',
            ['differenceBand' => 'gross', 'endFeel' => 'absent'],
            1,
        )->assertOk()->assertJsonPath('beforeGate', []);
        $this->save(
            $id,
            'records/anterior_drawer/left',
            ['translationMm' => 5],
        )->assertStatus(422)->assertJsonPath('hold.rule', 'growing_bone');
    }

    public function test_a_key_stands_for_one_save_only(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 4], 0, 'one-key-only')->assertOk();
        $this->save(
            $id,
            'records/lachman/left',
            ['translationMm' => 12],
            0,
            'one-key-only',
        )->assertStatus(422)->assertJsonPath('error.path', 'key');
        $this->save($id, 'records/posterior_sag/left', ['normal' => true], 0, 'one-key-only')->assertStatus(422);
        $this->save(
            $id,
            'records/lachman/left',
            ['translationMm' => 4],
            0,
            'one-key-only',
        )->assertOk()->assertJson(['version' => 1]);
        self::assertSame(4, StoredRecord::query()->where('manoeuvre', 'lachman')->firstOrFail()->payload?->translationMm);
        self::assertSame(3, Save::query()->count());
    }

    #[DataProvider('strangers')]
    public function test_the_frame_holds_only_what_belongs_there(string $key, mixed $value): void
    {
        $id = $this->openedBy($this->member());
        $frame = $this->getJson("/api/examinations/{$id}")->json('sections.0.payload');
        $this->save(
            $id,
            'sections/frame',
            [...$frame, $key => $value],
            1,
        )->assertStatus(422)->assertJsonPath('error.path', "frame.{$key}");
    }

    /**
     * @return iterable<string, array{string, mixed}>
     */
    public static function strangers(): iterable
    {
        yield 'gate' => ['safety', ['deformity' => false]];
        yield 'opening' => ['opening', ['consentGiven' => true]];
        yield 'history' => ['history', ['pop' => true]];
        yield 'findings' => ['findings', []];
        yield 'envelope' => ['signedAt', '2026-05-10T09:00:00Z'];
    }

    public function test_the_rows_own_manoeuvre_and_side_win(): void
    {
        $id = $this->openedBy($this->member());
        $this->save(
            $id,
            'records/lachman/left',
            ['translationMm' => 4, 'manoeuvre' => 'valgus_30', 'side' => 'right'],
        )->assertOk();
        $found = $this->getJson("/api/examinations/{$id}/document")->json('findings.0');
        self::assertSame(['lachman', 'left'], [$found['manoeuvre'], $found['side']]);
    }

    #[DataProvider('wrongAddresses')]
    public function test_addresses_are_matched_letter_by_letter(string $part): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, $part, ['normal' => true])->assertNotFound();
    }

    /**
     * @return iterable<array{string}>
     */
    public static function wrongAddresses(): iterable
    {
        yield ['records/Lachman/left'];
        yield ['records/l%C3%A1chman/left'];
        yield ['records/lachman/LEFT'];
        yield ['records/lachman/middle'];
        yield ['records/lachman%20/left'];
        yield ['records/'.str_repeat('lachman', 20).'/left'];
        yield ['sections/Safety'];
        yield ['sections/elsewhere'];
    }

    #[DataProvider('unreadable')]
    public function test_a_body_that_cannot_be_read_is_refused(string $body): void
    {
        $id = $this->openedBy($this->member());
        $this->call(
            'PUT',
            "/api/examinations/{$id}/records/lachman/left",
            server: ['CONTENT_TYPE' => 'application/json'],
            content: $body,
        )->assertStatus(422);
        self::assertSame(0, StoredRecord::query()->count());
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function unreadable(): iterable
    {
        yield 'too deep' => ['{"key":"12345678","version":0,"payload":'.str_repeat('{"a":', 40).'1'.str_repeat(
            '}',
            41,
        )];
        yield 'a key that begins with nothing' => ['{"key":"12345678","version":0,"payload":{"\u0000a":1}}'];
        yield 'a number without end' => ['{"key":"12345678","version":0,"payload":{"translationMm":1e400}}'];
        yield 'a version without end' => ['{"key":"12345678","version":1e400,"payload":{"translationMm":4}}'];
        yield 'a list' => ['{"key":"12345678","version":0,"payload":[1]}'];
        yield 'half a body' => ['{"key":"12345678",'];
    }

    public function test_the_arithmetic_refuses_what_it_cannot_carry(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $input = (string) file_get_contents(__DIR__.'/../../docs/examples/lachman-and-drawer.json');
        $this->call('POST', '/api/weigh?condition[]=acl', content: $input)->assertStatus(422);
        $this->call('POST', '/api/weigh?order[]=acl', content: $input)->assertStatus(422);
        $pair = '{"conditions":[{"id":"a","pretest":0.2},{"id":"b","pretest":0.3}],"associations":[{"between":["a","b"],"oddsRatio":1e308}]}';
        $this->call('POST', '/api/weigh', content: $pair)->assertStatus(422)->assertJsonPath(
            'error.path',
            'associations[0].oddsRatio',
        );
        $this->call('POST', "/api/athletes/{$this->athleteOf($user)->id}/examinations", server: ['CONTENT_TYPE' => 'application/json'],
            content: '{"hurtSide":"left","daysSinceInjury":1e400,"setting":"acute_trauma","route":"clinic_core"}')
            ->assertStatus(422);
    }

    public function test_what_others_found_and_the_pulse_are_kept_as_data(): void
    {
        $id = $this->examinationBy($this->member());
        $this->save(
            $id,
            'sections/earlierFinding',
            ['entries' => [['what' => 'Lachman positive', 'by' => 'club doctor']]],
        )->assertOk()
            ->assertJsonPath('assessment.earlierFinding.0.what', 'Lachman positive');
        $this->save(
            $id,
            'sections/pulseChecks',
            ['entries' => [['at' => '2026-05-10T09:05:00Z', 'felt' => false]]],
        )->assertOk()
            ->assertJsonPath('assessment.safety.pulse.missingOnce', true)->assertJsonPath(
                'assessment.safety.lines.0.rule',
                'limb_threat',
            );
        $this->save(
            $id,
            'sections/pulseChecks',
            ['log' => []],
            1,
        )->assertStatus(422)->assertJsonPath('error.path', 'pulseChecks.log');
    }

    public function test_a_hot_knee_is_asked_about_before_signing(): void
    {
        $id = $this->examinationBy($this->member());
        $this->save($id, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($id, 'records/warmth/left', ['warmer' => true])->assertOk();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertStatus(422)->assertJsonPath(
            'error.path',
            'safety.feverOrHotRedKnee',
        );
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
    }

    public function test_the_weigh_up_of_a_signed_knee_reads_what_was_signed(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['translationMm' => 10, 'checks' => self::HELD])->assertOk();
        $before = $this->getJson("/api/examinations/{$id}/weighing")->assertOk()->json();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        self::assertSame($before, $this->getJson("/api/examinations/{$id}/weighing")->json());
        $snapshot = Snapshot::query()->where('examination_id', $id)->firstOrFail();
        $snapshot->update(['problem' => [...$before, 'candidates' => []]]);
        self::assertSame([], $this->getJson("/api/examinations/{$id}/weighing")->json('candidates'));
        $snapshot->update(['problem' => null]);
        $this->getJson("/api/examinations/{$id}/weighing")->assertStatus(410);
    }

    public function test_holds_kept_from_other_figures_are_judged_anew(): void
    {
        $id = $this->openedBy($this->member());
        $examination = Examination::query()->findOrFail($id);
        self::assertNotSame([], $examination->holds);
        $examination->update(['holds' => [
            'basis' => $examination->holds['basis'] ?? '',
            'holds' => ['lachman' => ['kind' => 'gate', 'mayOverride' => true]],
        ]]);
        $this->save($id, 'records/lachman/left', ['translationMm' => 4])->assertStatus(422);
        $examination->update(['holds' => [
            'basis' => 'older rules',
            'holds' => ['lachman' => ['kind' => 'gate', 'mayOverride' => true]],
        ]]);
        $this->save($id, 'records/lachman/left', ['translationMm' => 4])->assertOk();
    }
}
