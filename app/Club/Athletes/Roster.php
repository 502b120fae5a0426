<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use App\Club\Models\Athlete;
use App\Club\Values\AthleteFacts;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Who stands in a team's lists. */
final readonly class Roster
{
    private const ARCHIVED_SHOWN = 200;

    /** More than a club has. */
    private const LISTED = 5000;

    public function __construct(private AuditLog $log)
    {
    }

    /**
     * @param  bool  $isAnother  someone looked, and it is another athlete than those much like them
     * @param  string|null  $id  ULID that a device chose; null: one is made
     * @return Athlete the one added before, where the same comes a second time
     *
     * @throws Refusal where the number or the id is taken
     * @throws SimilarAthletes
     */
    public function add(string $team, AthleteFacts $facts, bool $isAnother, ?string $id = null): Athlete
    {
        return DB::transaction(function () use ($team, $facts, $isAnother, $id): Athlete {
            $added = $this->added($team, $facts, $id);
            if ($added !== null) {
                return $added;
            }
            $this->insistOnFree($team, $facts->number);
            $similar = $isAnother ? [] : $this->similar($team, $facts);
            if ($similar !== []) {
                throw new SimilarAthletes($similar);
            }
            $athlete = Athlete::query()->create([
                ...($id === null ? [] : ['id' => $id]), 'team_id' => $team, ...$facts->columns(),
            ]);
            $this->log->record(AuditEvent::AthleteAdded, $athlete->id);

            return $athlete;
        });
    }

    /** @throws Refusal where the number is taken */
    public function change(Athlete $athlete, AthleteFacts $facts): void
    {
        DB::transaction(function () use ($athlete, $facts): void {
            $this->insistOnFree($athlete->team_id, $facts->number, $athlete->id);
            $athlete->update($facts->columns());
            $this->log->record(AuditEvent::AthleteChanged, $athlete->id);
        });
    }

    public function archive(Athlete $athlete): void
    {
        DB::transaction(function () use ($athlete): void {
            $athlete->delete();
            $this->log->record(AuditEvent::AthleteArchived, $athlete->id);
        });
    }

    public function restore(Athlete $athlete): void
    {
        DB::transaction(function () use ($athlete): void {
            $athlete->restore();
            $this->log->record(AuditEvent::AthleteRestored, $athlete->id);
        });
    }

    /**
     * Everyone, for a device that has to start without the server.
     *
     * @return Collection<int, Athlete>
     */
    public function all(): Collection
    {
        return Athlete::query()->orderBy('squad')->orderBy('number_order')->limit(self::LISTED)->get();
    }

    /**
     * @return Collection<int, Athlete>
     */
    public function archived(): Collection
    {
        return Athlete::onlyTrashed()->orderByDesc('deleted_at')->limit(self::ARCHIVED_SHOWN)->get();
    }

    /**
     * Those who were born on the same day and whose name sounds much the same, archived ones too.
     *
     * @return list<Athlete>
     */
    public function similar(string $team, AthleteFacts $facts): array
    {
        return array_values(Athlete::withTrashed()
            ->where('born_hash', Athlete::bornHash($team, $facts->bornOn))->get()
            ->filter(static fn (Athlete $other): bool => $other->born_on->isSameDay($facts->bornOn)
                && Likeness::alike($other->name, $facts->name))
            ->all());
    }

    /** @throws Refusal where another athlete has this id */
    private function added(string $team, AthleteFacts $facts, ?string $id): ?Athlete
    {
        $there = $id === null ? null : Athlete::withoutGlobalScopes()->find($id);
        if ($there === null) {
            return null;
        }

        // One of the two may have been put right here before the same is sent again.
        $isSame = $there->name === $facts->name || $there->born_on->isSameDay($facts->bornOn);

        return $there->team_id === $team && $isSame ? $there : throw Refusal::at('id', __('club.roster.id_is_taken'));
    }

    /** @throws Refusal */
    private function insistOnFree(string $team, ?string $number, ?string $but = null): void
    {
        $taken = $number === null ? null : Athlete::withTrashed()->where('team_id', $team)->where('number', $number)
            ->whereKeyNot($but ?? '')->first();
        if ($taken !== null) {
            throw Refusal::at('number', $taken->trashed()
                ? __('club.roster.number_taken_archived', ['name' => $taken->name])
                : __('club.roster.number_taken', ['name' => $taken->name]));
        }
    }
}
