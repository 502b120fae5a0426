<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\AthleteFiles\Erasure;
use App\Clinic\AthleteFiles\PruneExpired;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\ChainHeads;
use App\Platform\Audit\HashChain;
use App\Trust\Audit\EndsByMail;
use App\Trust\Audit\Verifier;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;

/** The person who has the database, and not the key of the records, changes nothing unnoticed. */
final class TamperingTest extends FeatureTestCase
{
    private const MRI = ['kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']]];

    private string $heads;

    private User $lead;

    private string $signed;

    protected function setUp(): void
    {
        parent::setUp();
        $this->heads = sys_get_temp_dir().'/gc-heads-'.bin2hex(random_bytes(6));
        mkdir($this->heads);
        config(['app.heads' => $this->heads]);
        $this->lead = $this->member(role: Role::Lead);
        $this->signed = $this->openedBy($this->lead);
        $this->save($this->signed, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->postJson("/api/examinations/{$this->signed}/signature", $this->seen($this->signed))->assertOk();
        $this->postJson("/api/examinations/{$this->signed}/addenda", ['words' => 'he rang'])->assertCreated();
        $episode = (string) DB::table('examinations')->where('id', $this->signed)->value('episode_id');
        $this->postJson("/api/episodes/{$episode}/reference-results", self::MRI)->assertCreated();
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->heads);
        parent::tearDown();
    }

    /**
     * @return iterable<string, array{callable(self): mixed}>
     */
    public static function ways(): iterable
    {
        $row = static fn (string $table, array $to): callable => static fn (self $test) => DB::table($table)
            ->where($table === 'examinations' ? 'id' : 'examination_id', $test->signed)->update($to);
        yield 'an entry is changed' => [static fn () => self::forge(static fn () => DB::table('audit_entries')
            ->where('event', 'signed')->update(['address' => '192.0.2.1']))];
        yield 'an entry in the middle is gone' => [static fn () => self::forge(static fn () => DB::table('audit_entries')
            ->where('event', 'examination_started')->delete())];
        yield 'the last entries are gone' => [static fn () => self::forge(static fn () => DB::table('audit_entries')
            ->where('event', 'outcome_added')->delete())];
        yield 'the last entries are gone, and the head is put right' => [static fn (self $test) => $test->cut(3)];
        yield 'all entries of a team are gone, and its chain' => [static fn (self $test) => $test->cut(null)];
        yield 'an entry in the middle is gone, and the next one is linked to the one before it' => [
            static fn (self $test) => $test->takeOut(),
        ];
        yield 'an entry is another person\'s, and all after it sealed anew' => [static fn (self $test) => $test->reseal()];
        yield 'an entry is added at the end, sealed by what everybody can compute' => [static fn (self $test) => $test->append()];
        yield 'who signed' => [$row('examinations', ['signed_by' => null])];
        yield 'when it was signed' => [$row('examinations', ['signed_at' => '2026-01-01 08:00:00'])];
        yield 'who examined' => [static fn (self $test) => DB::table('examinations')->where('id', $test->signed)
            ->update(['examiner_id' => User::factory()->memberOf($test->lead->present()->team)->create()->id])];
        yield 'when it was examined' => [$row('examinations', ['examined_at' => '2026-01-01 08:00:00'])];
        yield 'whether it is signed' => [$row('examinations', ['status' => 'draft'])];
        yield 'that it is gone' => [static fn (self $test) => DB::table('examinations')->where('id', $test->signed)->delete()];
        yield 'which knee was hurt' => [static fn () => DB::table('episodes')->update(['hurt_side' => 'right'])];
        yield 'when it was hurt' => [static fn () => DB::table('episodes')->update(['injured_on' => '2026-01-01'])];
        yield 'whose knee it is' => [static fn (self $test) => DB::table('episodes')
            ->update(['athlete_id' => $test->athleteOf($test->lead)->id])];
        yield 'the side of a finding' => [$row('records', ['side' => 'right'])];
        yield 'whether a finding came before the gate' => [$row('records', ['before_gate' => true])];
        yield 'who saved a finding' => [$row('records', ['saved_by' => null])];
        yield 'who saved an answer' => [$row('sections', ['saved_by' => null])];
        yield 'a finding is gone' => [static fn (self $test) => DB::table('records')->where('examination_id', $test->signed)->delete()];
        yield 'the assessment is gone' => [static fn (self $test) => DB::table('snapshots')->where('examination_id', $test->signed)->delete()];
        yield 'an addendum is gone' => [static fn () => DB::table('addenda')->delete()];
        yield 'who wrote an addendum' => [static fn () => DB::table('addenda')->update(['written_by' => null])];
        yield 'a result is gone' => [static fn () => DB::table('reference_results')->delete()];
        yield 'the day of a result' => [static fn () => DB::table('reference_results')->update(['seen_on' => '2026-01-01'])];
        yield 'a practitioner is made lead' => [static fn (self $test) => Membership::query()->toBase()
            ->where('user_id', $test->other()->id)->update(['role' => 'lead'])];
        yield 'someone is put into the team' => [static fn (self $test) => Membership::query()->toBase()->insert([
            'id' => '01m8c2h550mznvh0tzzpmpf10x', 'team_id' => $test->lead->teamId(),
            'user_id' => $test->member('Marsh End Judo')->id, 'role' => 'lead', 'created_at' => now(), 'updated_at' => now(),
        ])];
        yield 'someone who left is back' => [static function (self $test): void {
            $other = $test->other();
            $test->deleteJson("/api/members/{$other->membership_id}")->assertNoContent();
            DB::table('memberships')->where('user_id', $other->id)->update(['ended_at' => null]);
        }];
        yield 'a draft stands as signed' => [static function (self $test): void {
            $draft = $test->openedBy($test->lead);
            DB::table('examinations')->where('id', $draft)->update(['status' => 'signed', 'signed_at' => now()]);
        }];
    }

    /**
     * @param  callable(self): mixed  $change
     */
    #[DataProvider('ways')]
    public function test_what_is_changed_behind_the_application_is_noticed(callable $change): void
    {
        self::assertSame([], app(Verifier::class)->faults());
        $change($this);
        self::assertNotSame([], app(Verifier::class)->faults());
        self::assertSame(1, $this->artisan('data:verify'));
    }

    public function test_what_is_done_through_the_application_is_no_fault(): void
    {
        $other = $this->other();
        $this->putJson("/api/members/{$other->membership_id}", ['role' => 'student'])->assertNoContent();
        $this->deleteJson("/api/members/{$other->membership_id}")->assertNoContent();
        $result = (string) DB::table('reference_results')->value('id');
        $this->putJson("/api/reference-results/{$result}", [...self::MRI, 'on' => '2026-05-02'])->assertNoContent();
        $this->deleteJson("/api/reference-results/{$result}")->assertNoContent();
        self::assertSame([], app(Verifier::class)->faults());
        $this->postJson("/api/reference-results/{$result}/restoration")->assertNoContent();
        self::assertSame([], app(Verifier::class)->faults());
        $this->deleteJson("/api/reference-results/{$result}")->assertNoContent();
        $this->travel(2)->days();
        (new PruneExpired)();
        self::assertSame([], app(Verifier::class)->faults());
        $athlete = (string) DB::table('athletes')->value('id');
        app(Erasure::class)->erase(Athlete::query()->findOrFail($athlete), 'asked for it', $this->lead);
        self::assertSame([], app(Verifier::class)->faults());
    }

    public function test_a_head_is_kept_outside_with_each_deed_and_never_goes_back(): void
    {
        $chain = HashChain::query()->findOrFail($this->lead->teamId());
        $head = app(ChainHeads::class)->all()[$chain->team_id];
        self::assertSame([$chain->count, $chain->hash], [$head['count'], $head['hash']]);
        app(ChainHeads::class)->keep($chain->team_id, $chain->count - 1, str_repeat('0', 64));
        self::assertSame($head, app(ChainHeads::class)->all()[$chain->team_id]);
    }

    public function test_an_end_that_was_kept_elsewhere_shows_a_log_that_was_cut_together_with_all_that_is_kept_here(): void
    {
        $end = HashChain::query()->findOrFail($this->lead->teamId());
        $this->get("/api/examinations/{$this->signed}/summary.pdf")->assertOk();
        $later = $end->fresh();
        self::assertNotNull($later);
        [$kept, $lost] = array_map(static fn (HashChain $end): string => "{$end->count}:{$end->hash}", [$end, $later]);
        self::assertSame([], app(Verifier::class)->faults([$kept, $lost]));
        $this->cut($later->count - $end->count);
        File::cleanDirectory($this->heads);
        self::assertSame([], app(Verifier::class)->faults([$kept]));
        self::assertCount(1, app(Verifier::class)->faults([$lost]));
        self::assertCount(1, app(Verifier::class)->faults(['1'.$kept]), 'a seal stands where it stood');
        self::assertSame(0, $this->artisan('data:verify', ['--end' => [$kept]]));
        self::assertSame(1, $this->artisan('data:verify', ['--end' => ['12 entries']]));
    }

    public function test_leads_are_mailed_the_end_of_their_log_where_mail_leaves(): void
    {
        $this->other();
        config(['mail.default' => 'outbox']);
        app(EndsByMail::class)();
        self::assertSame(0, DB::table('mails')->count());
        config(['mail.default' => 'array']);
        app(EndsByMail::class)();
        $left = app('mailer')->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $left);
        $end = HashChain::query()->findOrFail($this->lead->teamId());
        $mails = $left->messages()->map(static fn ($sent): string => $sent->getOriginalMessage()->toString())
            ->filter(fn (string $mail): bool => str_contains($mail, "To: {$this->lead->email}"));
        self::assertStringContainsString("--end=3D{$end->count}:", (string) $mails->last());
        self::assertStringNotContainsString('--end', implode('', $left->messages()
            ->filter(fn ($sent): bool => $sent->getEnvelope()->getRecipients()[0]->getAddress() !== $this->lead->email)
            ->map(static fn ($sent): string => $sent->toString())->all()), 'who does not lead is told nothing');
    }

    private function other(): User
    {
        return User::factory()->memberOf($this->lead->present()->team)->create();
    }

    /** Past the triggers, as the person who owns the database can. */
    private static function forge(callable $change): void
    {
        // A trigger cannot be dropped without ending the test's transaction, so the rows go through a copy.
        DB::statement('CREATE TEMPORARY TABLE forged AS SELECT * FROM audit_entries');
        DB::statement('ALTER TABLE forged RENAME TO audit_entries');
        $change();
    }

    private function cut(?int $last): void
    {
        $team = $this->lead->teamId();
        self::forge(static function () use ($team, $last): void {
            $kept = AuditEntry::query()->where('team_id', $team)->count() - ($last ?? PHP_INT_MAX);
            if ($kept <= 0) {
                DB::table('audit_entries')->where('team_id', $team)->delete();
                DB::table('audit_chains')->where('team_id', $team)->delete();

                return;
            }
            $end = AuditEntry::query()->where('team_id', $team)->orderBy('id')->skip($kept - 1)->firstOrFail();
            DB::table('audit_entries')->where('team_id', $team)->where('id', '>', $end->id)->delete();
            DB::table('audit_chains')->where('team_id', $team)->update(['count' => $kept, 'hash' => $end->hash]);
        });
    }

    /** With everything put right that the database holds, and the heads outside it gone. */
    private function takeOut(): void
    {
        $team = $this->lead->teamId();
        self::forge(static function () use ($team): void {
            $entries = AuditEntry::query()->where('team_id', $team)->orderBy('id')->get();
            $gone = $entries->firstOrFail(static fn (AuditEntry $one): bool => $one->event === AuditEvent::PartChanged);
            $next = $entries->firstOrFail(static fn (AuditEntry $one): bool => $one->id > $gone->id);
            DB::table('audit_entries')->where('id', $gone->id)->delete();
            DB::table('audit_entries')->where('id', $next->id)->update(['previous_hash' => $gone->previous_hash]);
            DB::table('audit_chains')->where('team_id', $team)->decrement('count');
        });
        File::cleanDirectory($this->heads);
    }

    /** With the hashes that everybody can compute. */
    private function reseal(): void
    {
        $team = $this->lead->teamId();
        self::forge(static function () use ($team): void {
            $seal = AuditEntry::NONE;
            foreach (AuditEntry::query()->where('team_id', $team)->orderBy('id')->get() as $entry) {
                $to = ['previous_hash' => $seal, 'user_id' => $entry->event === AuditEvent::Signed ? null : $entry->user_id];
                $seal = hash('sha256', (string) json_encode([...$entry->getAttributes(), ...$to]));
                DB::table('audit_entries')->where('id', $entry->id)->update([...$to, 'hash' => $seal]);
            }
            DB::table('audit_chains')->where('team_id', $team)->update(['hash' => $seal]);
        });
        File::cleanDirectory($this->heads);
    }

    private function append(): void
    {
        $last = AuditEntry::query()->where('team_id', $this->lead->teamId())->orderByDesc('id')->firstOrFail();
        $forged = $last->replicate(['id'])->forceFill(['event' => AuditEvent::Printed, 'previous_hash' => $last->hash]);
        $forged->hash = hash('sha256', (string) json_encode($forged->getAttributes()));
        $forged->save();
        HashChain::query()->where('team_id', $this->lead->teamId())->increment('count', 1, ['hash' => $forged->hash]);
        File::cleanDirectory($this->heads);
    }
}
