<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\HashChain;
use App\Trust\Audit\DetailText;
use App\Trust\Audit\Verifier;
use Database\Factories\UserFactory;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Who did what is written down with it, in a chain that nothing changes unnoticed. */
final class AuditLogTest extends FeatureTestCase
{
    public function test_every_deed_on_a_record_is_written_down_with_who_and_where(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->openedBy($user);
        $this->getJson("/api/examinations/{$id}")->assertOk();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->deleteJson(
            "/api/examinations/{$id}/records/effusion_sweep/left",
            ['key' => 'taken-back', 'version' => 1],
        )->assertOk();
        $this->getJson("/api/examinations/{$id}/document")->assertOk();
        $this->get("/api/examinations/{$id}/summary.pdf")->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $log = AuditEntry::query()->where('subject', $id)->orderBy('id')->get();
        self::assertSame([
            AuditEvent::ExaminationRead, AuditEvent::PartChanged, AuditEvent::RecordWithdrawn, AuditEvent::Exported, AuditEvent::Printed, AuditEvent::Signed,
        ], $log->pluck('event')->slice(-6)->values()->all());
        self::assertSame([$user->id], $log->pluck('user_id')->unique()->all());
        self::assertSame(['127.0.0.1'], $log->pluck('address')->unique()->all());
        self::assertSame(['part' => 'effusion_sweep:left', 'version' => 1], $log->slice(-5, 1)->first()?->detail);
        self::assertSame([], app(Verifier::class)->faults());
    }

    public function test_every_way_of_reading_a_record_is_a_deed(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $athlete = Examination::query()->withoutGlobalScopes()->findOrFail($id)->episode->athlete_id;
        $this->actingAs($user);
        $this->getJson("/api/athletes/{$athlete}")->assertOk();
        $this->getJson("/api/examinations/{$id}/weighing")->assertOk();
        $last = AuditEntry::query()->where('team_id', $user->teamId())->orderByDesc('id')->limit(2)->get();
        self::assertSame(
            [[AuditEvent::ExaminationRead, $id], [AuditEvent::AthleteRead, $athlete]],
            $last->map(static fn (AuditEntry $entry): array => [$entry->event, $entry->subject])->all(),
        );
    }

    public function test_what_is_refused_or_sent_again_is_no_deed(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->openedBy($user);
        $body = ['key' => 'once-and-again', 'version' => 0, 'payload' => ['grade' => 'bulge']];
        $this->putJson("/api/examinations/{$id}/records/effusion_sweep/left", $body)->assertOk();
        $before = AuditEntry::query()->count();
        $this->putJson("/api/examinations/{$id}/records/effusion_sweep/left", $body)->assertOk();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'], 7)->assertStatus(409);
        $this->save($id, 'records/effusion_sweep/right', ['grade' => 'unheard of'])->assertStatus(422);
        self::assertSame($before, AuditEntry::query()->count());
    }

    public function test_log_ins_and_refused_ones_are_written_down(): void
    {
        $user = $this->member();
        $before = AuditEntry::query()->max('id') ?? 0;
        $this->postJson('/api/login', ['email' => $user->email, 'password' => 'not this one'])->assertStatus(422);
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertOk();
        $this->postJson('/api/logout')->assertNoContent();
        self::assertSame(
            [[$user->id, AuditEvent::LogInRefused], [$user->id, AuditEvent::LoggedIn], [$user->id, AuditEvent::LoggedOut]],
            AuditEntry::query()->where('id', '>', $before)->orderBy('id')->get()->map(static fn (AuditEntry $entry): array => [$entry->user_id, $entry->event])->all(),
        );
    }

    public function test_the_database_lets_nobody_change_or_remove_a_deed(): void
    {
        $this->openedBy($this->member());
        foreach (["UPDATE audit_entries SET event = 'signed'", 'DELETE FROM audit_entries'] as $statement) {
            try {
                DB::statement($statement);
                self::fail('It was let through.');
            } catch (QueryException $refused) {
                self::assertStringContainsString('audit entries stay as they are', $refused->getMessage());
            }
        }
    }

    public function test_a_chain_that_was_cut_or_changed_is_found(): void
    {
        $user = $this->member();
        $this->openedBy($user);
        $this->openedBy($user);
        self::assertSame(0, $this->artisan('data:verify'));
        $last = AuditEntry::query()->orderByDesc('id')->firstOrFail();
        $forged = $last->replicate(['id'])->forceFill(['event' => AuditEvent::Printed, 'previous_hash' => $last->hash]);
        $forged->save();
        $faults = app(Verifier::class)->faults();
        self::assertStringContainsString('was changed after it was written', $faults[0] ?? '');
        self::assertStringContainsString('ends too early', $faults[1] ?? '');
        HashChain::query()->where('team_id', $user->teamId())->update(['count' => 99]);
        self::assertSame(1, $this->artisan('data:verify'));
    }

    public function test_what_was_signed_is_sealed_findings_and_all(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->openedBy($user);
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        self::assertSame([], app(Verifier::class)->faults());
        $record = StoredRecord::query()->where('examination_id', $id)->where('manoeuvre', 'effusion_sweep')->firstOrFail();
        $record->update(['payload' => (object) ['grade' => 'trace']]);
        self::assertStringContainsString('recorded', app(Verifier::class)->faults()[0] ?? '');
        $record->update(['payload' => (object) ['grade' => 'bulge']]);
        self::assertSame([], app(Verifier::class)->faults());
        $snapshot = Snapshot::query()->where('examination_id', $id)->firstOrFail();
        $snapshot->update(['payload' => [...$snapshot->payload, 'rules' => '1066']]);
        self::assertStringContainsString('changed afterwards', app(Verifier::class)->faults()[0] ?? '');
        $snapshot->delete();
        self::assertStringContainsString('is gone', app(Verifier::class)->faults()[0] ?? '');
    }

    public function test_nobody_signs_what_they_have_not_seen_or_without_the_gate_and_a_reason(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->openedBy($user);
        $seen = $this->seen($id);
        $this->save($id, 'sections/history', ['pop' => true])->assertOk()->assertJsonPath(
            'revision',
            $seen['revision'] + 1,
        );
        $sign = fn (array $body) => $this->postJson("/api/examinations/{$id}/signature", $body);
        $sign($seen)->assertStatus(409)->assertJsonPath('error.path', 'revision');
        $sign([])->assertStatus(422);
        $whole = Examination::query()->findOrFail($id);
        self::assertFalse($whole->isSigned());
        $answer = $sign($this->seen($id))->assertOk();
        $answer->assertJsonPath('signedBy', $user->name);

        $shut = $this->examinationBy($user);
        $this->postJson("/api/examinations/{$shut}/signature", ['revision' => 0])
            ->assertStatus(422)->assertJsonPath('error.path', 'ungated');
        $this->postJson("/api/examinations/{$shut}/signature", ['revision' => 0, 'ungated' => 'left for the ward'])
            ->assertOk()->assertJsonPath('signedUngated', 'left for the ward');
    }

    public function test_a_start_sent_twice_is_one_examination_and_its_key_belongs_to_that_knee(): void
    {
        $user = $this->member();
        $athlete = $this->athleteOf($user);
        $this->actingAs($user);
        $facts = ['hurtSide' => 'left', 'daysSinceInjury' => 2, 'route' => 'clinic_core'];
        $start = fn (string $key, array $more = []) => $this->postJson(
            "/api/athletes/{$athlete->id}/examinations", [...$facts, ...$more], ['Idempotency-Key' => $key],
        );
        $id = $start('the-very-start')->assertCreated()->json('id');
        self::assertSame($id, $start('the-very-start')->assertCreated()->json('id'));
        $start('the-very-start', ['hurtSide' => 'right'])->assertStatus(422)->assertJsonPath('error.path', 'key');
        self::assertNotSame($id, $start('another-start')->assertCreated()->json('id'));
        self::assertSame(1, Episode::query()->where('athlete_id', $athlete->id)->count());
    }

    public function test_each_entry_says_who_saved_it(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $team = $user->present()->team;
        $other = User::factory()->memberOf($team)->create();
        $this->actingAs($other);
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $whole = Examination::query()->withoutGlobalScopes()->with(['sections', 'records'])->findOrFail($id);
        self::assertSame($user->id, $whole->sections->firstWhere('name', 'frame')?->getAttribute('saved_by'));
        self::assertSame($other->id, $whole->records->firstWhere('manoeuvre', 'effusion_sweep')?->getAttribute('saved_by'));
    }

    public function test_who_leads_the_team_sees_its_deeds_and_nobody_elses(): void
    {
        $lead = $this->member(role: Role::Lead);
        $user = User::factory()->memberOf($lead->present()->team)->create(['name' => '=Bo']);
        $this->openedBy($this->member('Marsh End Judo'));
        $id = $this->openedBy($user);
        $this->actingAs($user)->getJson('/api/audit-log')->assertForbidden();
        $this->get('/api/audit-log.csv')->assertForbidden();
        $this->actingAs($lead);
        $all = $this->getJson('/api/audit-log')->assertOk();
        self::assertSame(AuditEntry::query()->where('team_id', $lead->teamId())->count(), $all->json('total'));
        $all->assertJsonPath('entries.0.event', 'Audit log read')->assertJsonPath('entries.0.who', $lead->name);
        $started = $this->getJson("/api/audit-log?event=examination_started&person={$user->id}&subject={$id}")->assertOk();
        $started->assertJsonPath('total', 1)->assertJsonPath('entries.0.who', '=Bo')
            ->assertJsonPath('entries.0.address', '127.0.0.1');
        $this->getJson('/api/audit-log?event=unheard_of')->assertStatus(422);
        $this->get('/api/audit-log.csv?event=unheard_of')->assertStatus(422);
        $this->getJson('/api/audit-log?page=9')->assertOk()->assertJsonPath('entries', []);
        $table = $this->get("/api/audit-log.csv?subject={$id}")->assertOk()->streamedContent();
        $lines = explode("\r\n", trim($table));
        self::assertStringContainsString('Mirre Aldous', $lines[1]);
        $started->assertJsonPath('entries.0.about', 'Mirre Aldous');
        self::assertSame('id,at,who,event,about,subject,detail,address', $lines[0]);
        // The heads, and at its end how many there are in all, with the seal of the last.
        self::assertCount(2 + AuditEntry::query()->where('subject', $id)->count(), $lines);
        self::assertMatchesRegularExpression('/^,,,"End of the log",,,\d+:[0-9a-f]{64},$/', $lines[count($lines) - 1]);
        self::assertStringContainsString("'=Bo", $table);
    }

    public function test_a_part_is_read_by_its_name_and_what_only_the_command_checks_is_not_told(): void
    {
        $words = app(DetailText::class);
        self::assertSame('Lachman, left, version 2', $words->of(['part' => 'lachman:left', 'version' => 2]));
        self::assertSame('safety check, version 1', $words->of(['part' => 'safety', 'version' => 1]));
        self::assertSame('once_known, right', $words->of(['part' => 'once_known:right']), 'of a catalogue that was');
        self::assertSame('as declined, kind follow-up', $words->of(['as' => 'turned_down', 'kind' => 'follow_up']));
        self::assertSame('safety check not answered', $words->of(['gate' => false, 'digest' => 'abc', 'document' => 'def']));
        foreach (SectionName::cases() as $part) {
            self::assertStringNotContainsString('_', $part->label());
        }
    }

    public function test_a_student_changes_what_they_entered_and_nothing_of_others(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $this->actingAs($user);
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $student = User::factory()->memberOf($user->present()->team, Role::Student)->create();
        $this->handTo($student, $id);
        $this->actingAs($student);
        $refusal = $this->save($id, 'records/effusion_sweep/left', ['grade' => 'trace'], 1)->assertForbidden();
        $refusal->assertJsonPath('error.reason', 'another person entered this; students can change their own entries only');
        $this->deleteJson(
            "/api/examinations/{$id}/records/effusion_sweep/left",
            ['key' => 'not-yours', 'version' => 1],
        )->assertForbidden();
        $this->save($id, 'sections/safety', self::CLEAR, 1)->assertForbidden();
        $this->save($id, 'records/effusion_sweep/right', ['grade' => 'none'])->assertOk();
        $this->save($id, 'records/effusion_sweep/right', ['grade' => 'trace'], 1)->assertOk();
        $this->actingAs($user);
        $this->save($id, 'records/effusion_sweep/right', ['grade' => 'none'], 2)->assertOk();
    }
}
