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
        OwnSecret::make(OwnSecret::DEEDS);
        $this->triggers(false);
        $broken = $this->seal();
        $this->triggers(true);
        $deeds = app(AuditLog::class);
        foreach (HashChain::query()->get() as $chain) {
            $team = $chain->team_id === HashChain::NO_TEAM ? null : $chain->team_id;
            $deeds->record(AuditEvent::SealsRenewed, null, ['not as sealed before' => $broken[$chain->team_id] ?? 0], null, $team);
        }
        $this->entries($deeds);
    }

    public function down(): void
    {
        // The seals before these cannot be made again, and nothing asks for them.
    }

    /**
     * @return array<string, int> entries that did not bear the seal they should have, by team
     */
    private function seal(): array
    {
        $ends = $old = $broken = [];
        foreach (AuditEntry::query()->orderBy('id')->lazy(500) as $deed) {
            $team = $deed->team_id ?? HashChain::NO_TEAM;
            $isSound = $deed->previous === ($old[$team] ?? AuditEntry::NONE) && $deed->seal === $this->before($deed);
            $broken[$team] = ($broken[$team] ?? 0) + (int) ! $isSound;
            $old[$team] = $deed->seal;
            $deed->previous = $ends[$team]['seal'] ?? AuditEntry::NONE;
            $ends[$team] = ['seal' => $deed->sealed(), 'count' => ($ends[$team]['count'] ?? 0) + 1];
            DB::table('deeds')->where('id', $deed->id)->update(['previous' => $deed->previous, 'seal' => $ends[$team]['seal']]);
        }
        foreach ($ends as $team => $end) {
            DB::table('deed_chains')->where('team_id', $team)->update($end);
        }

        return $broken;
    }

    /** As they were sealed before: by what everybody can compute. */
    private function before(AuditEntry $deed): string
    {
        $detail = $deed->detail;
        ksort($detail);

        return hash('sha256', json_encode([
            $deed->previous, $deed->team_id, $deed->user_id, $deed->what->value, $deed->subject, $detail,
            $deed->address, $deed->at,
        ], JSON_THROW_ON_ERROR));
    }

    private function entries(AuditLog $deeds): void
    {
        $signed = Examination::query()->withoutGlobalScopes()->where('status', ExaminationStatus::Signed)
            ->with(['sections', 'findings', 'episode' => static fn ($episodes) => $episodes->withoutGlobalScopes()]);
        foreach ($signed->lazy(100) as $one) {
            $deeds->record(AuditEvent::FactsSealed, $one->id, ['facts' => SignedFacts::digest($one)], null, $one->team_id);
        }
        foreach (Addendum::query()->lazy(100) as $one) {
            $about = Examination::query()->withoutGlobalScopes()->findOrFail($one->examination_id);
            $deeds->record(AuditEvent::FactsSealed, $about->id, [
                'addendum' => $one->id, 'digest' => $one->digest(),
            ], null, $about->team_id);
        }
        foreach (ReferenceResult::withTrashed()->withoutGlobalScopes()->lazy(100) as $one) {
            $deeds->record($one->trashed() ? AuditEvent::OutcomeRemoved : AuditEvent::FactsSealed, $one->athlete_id, [
                'kind' => $one->kind->value, 'outcome' => $one->id, 'digest' => $one->digest(),
            ], null, $one->team_id);
        }
        foreach (Membership::query()->lazy(100) as $one) {
            $deeds->record(AuditEvent::MemberJoined, $one->user_id, ['role' => $one->role->value, 'by' => 'found'], null, $one->team_id);
            if ($one->ended_at !== null) {
                $deeds->record(AuditEvent::MemberLeft, $one->user_id, [], null, $one->team_id);
            }
        }
    }

    private function triggers(bool $stand): void
    {
        foreach (['UPDATE', 'DELETE'] as $event) {
            $name = 'deeds_stay_'.strtolower($event);
            DB::unprepared("DROP TRIGGER IF EXISTS {$name}");
            ! $stand || DB::unprepared("CREATE TRIGGER {$name} BEFORE {$event} ON deeds FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'deeds stay as they are'");
        }
    }
};
