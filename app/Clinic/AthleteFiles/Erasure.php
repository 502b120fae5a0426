<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Access\Models\User;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Trust\Models\ErasedAthlete;
use Illuminate\Support\Facades\DB;

/**
 * Takes someone out of the record for good: their row goes, with everything that hangs on it, and with it the only key
 * that opens what older copies hold of them under the master key. A stub without person stays. It cannot be
 * taken back.
 */
final readonly class Erasure
{
    public function __construct(private AuditLog $log)
    {
    }

    /**
     * @param  string  $reason  asked for by whom, or that the time is over
     * @param  User|null  $by  null: from the console, or by the clock
     */
    public function erase(Athlete $athlete, string $reason, ?User $by): ErasedAthlete
    {
        return DB::transaction(function () use ($athlete, $reason, $by): ErasedAthlete {
            $examinations = Examination::withTrashed()->withoutGlobalScopes()
                ->whereIn('episode_id', DB::table('episodes')->where('athlete_id', $athlete->id)->select('id'))
                ->orderBy('id')->pluck('id')->all();
            $stub = ErasedAthlete::query()->create([
                'id' => $athlete->id, 'team_id' => $athlete->team_id, 'examinations' => array_values($examinations),
                'reason' => $reason, 'erased_by' => $by?->id,
            ]);
            DB::table('athletes')->where('id', $athlete->id)->delete();
            $this->log->record(AuditEvent::AthleteErased, $athlete->id, [
                'examinations' => \count($examinations), 'digest' => $stub->digest(),
            ], $by, $athlete->team_id);

            return $stub;
        });
    }
}
