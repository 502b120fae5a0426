<?php

declare(strict_types=1);

use App\Access\Models\Membership;
use App\Clinic\Audit\SignedFacts;
use App\Clinic\Models\Addendum;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Values\ExaminationStatus;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Audit\HashChain;
use App\Platform\Encryption\OwnSecret;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Seals of deeds by a key that is not in the database. What was written before is sealed anew as it stands, how many
 * entries did not bear their old seal is written down, and what had no entry of its own is given one.
 */
return new class extends Migration
{
    public function up(): void
    {
        OwnSecret::make(OwnSecret::AUDIT);
        $this->triggers(false);
        $broken = $this->rehash();
        $this->triggers(true);
        $log = app(AuditLog::class);
        foreach (HashChain::query()->get() as $chain) {
            $team = $chain->team_id === HashChain::NO_TEAM ? null : $chain->team_id;
            $log->record(AuditEvent::HashesRenewed, null, ['not as sealed before' => $broken[$chain->team_id] ?? 0], null, $team);
        }
        $this->entries($log);
    }

    public function down(): void
    {
        // The seals before these cannot be made again, and nothing asks for them.
    }

    /**
     * @return array<string, int> entries that did not bear the seal they should have, by team
     */
    private function rehash(): array
    {
        $ends = $old = $broken = [];
        foreach (AuditEntry::query()->orderBy('id')->lazy(500) as $entry) {
            $team = $entry->team_id ?? HashChain::NO_TEAM;
            $isSound = $entry->previous_hash === ($old[$team] ?? AuditEntry::NONE) && $entry->hash === $this->before($entry);
            $broken[$team] = ($broken[$team] ?? 0) + (int) ! $isSound;
            $old[$team] = $entry->hash;
            $entry->previous_hash = $ends[$team]['hash'] ?? AuditEntry::NONE;
            $ends[$team] = ['hash' => $entry->computeHash(), 'count' => ($ends[$team]['count'] ?? 0) + 1];
            DB::table('audit_entries')->where('id', $entry->id)->update(['previous_hash' => $entry->previous_hash, 'hash' => $ends[$team]['hash']]);
        }
        foreach ($ends as $team => $end) {
            DB::table('audit_chains')->where('team_id', $team)->update($end);
        }

        return $broken;
    }

    /** As they were sealed before: by what everybody can compute. */
    private function before(AuditEntry $entry): string
    {
        $detail = $entry->detail;
        ksort($detail);

        return hash('sha256', json_encode([
            $entry->previous_hash, $entry->team_id, $entry->user_id, $entry->event->value, $entry->subject, $detail,
            $entry->address, $entry->at,
        ], JSON_THROW_ON_ERROR));
    }

    private function entries(AuditLog $log): void
    {
        $signed = Examination::query()->withoutGlobalScopes()->where('status', ExaminationStatus::Signed)
            ->with(['sections', 'records', 'episode' => static fn ($episodes) => $episodes->withoutGlobalScopes()]);
        foreach ($signed->lazy(100) as $one) {
            $log->record(AuditEvent::FactsHashed, $one->id, ['facts' => SignedFacts::digest($one)], null, $one->team_id);
        }
        foreach (Addendum::query()->lazy(100) as $one) {
            $about = Examination::query()->withoutGlobalScopes()->findOrFail($one->examination_id);
            $log->record(AuditEvent::FactsHashed, $about->id, [
                'addendum' => $one->id, 'digest' => $one->digest(),
            ], null, $about->team_id);
        }
        foreach (ReferenceResult::withTrashed()->withoutGlobalScopes()->lazy(100) as $one) {
            $log->record($one->trashed() ? AuditEvent::ReferenceResultRemoved : AuditEvent::FactsHashed, $one->athlete_id, [
                'kind' => $one->kind->value, 'outcome' => $one->id, 'digest' => $one->digest(),
            ], null, $one->team_id);
        }
        foreach (Membership::query()->lazy(100) as $one) {
            $log->record(AuditEvent::MemberJoined, $one->user_id, ['role' => $one->role->value, 'by' => 'found'], null, $one->team_id);
            if ($one->ended_at !== null) {
                $log->record(AuditEvent::MemberLeft, $one->user_id, [], null, $one->team_id);
            }
        }
    }

    private function triggers(bool $stand): void
    {
        foreach (['UPDATE', 'DELETE'] as $event) {
            $name = 'audit_entries_stay_'.strtolower($event);
            DB::unprepared("DROP TRIGGER IF EXISTS {$name}");
            ! $stand || DB::unprepared("CREATE TRIGGER {$name} BEFORE {$event} ON audit_entries FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'audit entries stay as they are'");
        }
    }
};
