<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Access\Models\Team;
use App\Access\Teams\TeamDays;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;

/**
 * Erases what a team keeps for no longer than it said: so many years after the last visit, and of a person who was a child
 * then so many years after they came of age. It is announced first, and the person who leads the team can keep it longer.
 * Working estimates: thirty days of notice, a year longer at a time.
 */
final readonly class Retention
{
    public const NOTICE_DAYS = 30;

    private const COMES_OF_AGE = 18;

    public function __construct(private AuditLog $log, private Erasure $erasure)
    {
    }

    /** Once a day. */
    public function __invoke(): void
    {
        foreach (Team::query()->lazyById(100) as $team) {
            $this->keep($team);
        }
    }

    /**
     * What will be erased soon, the soonest first.
     *
     * @return Collection<int, Athlete>
     */
    public function announced(): Collection
    {
        return Athlete::withTrashed()->whereNotNull('erase_on')->orderBy('erase_on')->orderBy('id')->limit(500)->get();
    }

    public function keepLonger(Athlete $athlete): void
    {
        DB::transaction(function () use ($athlete): void {
            self::write($athlete, ['erase_on' => null, 'keep_until' => TeamDays::ofTeam($athlete->team_id)->today()->addYear()]);
            $this->log->record(AuditEvent::ErasurePostponed, $athlete->id);
        });
    }

    private function keep(Team $team): void
    {
        $today = TeamDays::of($team)->today();
        $over = $team->settings->keepsYears === null ? [] : $this->over($team, $team->settings->keepsYears);
        // A visit since, or another setting: it is kept after all.
        self::of($team)->whereNotNull('erase_on')->whereKeyNot(array_keys($over))->toBase()
            ->update(['erase_on' => null]);
        foreach ($over as $athlete) {
            if ($athlete->erase_on === null) {
                $this->announce($athlete, $today->addDays(self::NOTICE_DAYS));
            } elseif ($athlete->erase_on->lte($today)) {
                $this->erasure->erase($athlete, "kept for {$team->settings->keepsYears} years, and no longer", null);
            }
        }
    }

    private function announce(Athlete $athlete, CarbonImmutable $on): void
    {
        DB::transaction(function () use ($athlete, $on): void {
            self::write($athlete, ['erase_on' => $on]);
            $this->log->record(
                AuditEvent::ErasureAnnounced, $athlete->id, ['on' => $on->toDateString()], null, $athlete->team_id,
            );
        });
    }

    /**
     * @return array<string, Athlete> by id
     */
    private function over(Team $team, int $years): array
    {
        $days = TeamDays::of($team);
        $today = $days->today();
        $before = $today->subYears($years);
        $since = $days->begins($before);
        $over = [];
        $athletes = self::of($team)
            ->where('created_at', '<', $since)
            ->whereNotExists(static fn (Rows $lately): Rows => $lately->from('examinations')
                ->join('episodes', 'episodes.id', '=', 'examinations.episode_id')
                ->whereColumn('episodes.athlete_id', 'athletes.id')->where('examined_at', '>=', $since))
            ->where(static fn (Builder $kept): Builder => $kept
                ->whereNull('keep_until')->orWhere('keep_until', '<', $today));
        foreach ($athletes->lazyById(200) as $athlete) {
            if ($athlete->born_on->addYears(self::COMES_OF_AGE)->lt($before)) {
                $over[$athlete->id] = $athlete;
            }
        }

        return $over;
    }

    /**
     * @return Builder<Athlete>
     */
    private static function of(Team $team): Builder
    {
        return Athlete::withTrashed()->withoutGlobalScope(TeamScope::class)->where('team_id', $team->id);
    }

    /**
     * Nothing that the search knows changes.
     *
     * @param  array<string, CarbonImmutable|null>  $columns
     */
    private static function write(Athlete $athlete, array $columns): void
    {
        $athlete->forceFill($columns)->saveQuietly();
    }
}
