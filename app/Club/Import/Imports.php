<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Access\Models\User;
use App\Club\Athletes\WithoutHistory;
use App\Club\Models\Athlete;
use App\Club\Models\Import;
use App\Club\Values\AthleteFacts;
use App\Club\Values\ImportState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Lists of athletes that come in: all of a list or nothing of it, in the background. */
final readonly class Imports
{
    /** Between two tellings of how far it is. */
    private const AT_ONCE = 20;

    public function __construct(private AuditLog $log, private WithoutHistory $withoutHistory)
    {
    }

    /**
     * @param  list<AthleteFacts>  $athletes
     *
     * @throws Refusal where there is nobody to add
     */
    public function begin(User $by, array $athletes): Import
    {
        if ($athletes === []) {
            throw Refusal::at('content', __('club.imports.it_has_no_athletes_to_add'));
        }
        $import = Import::query()->create([
            'team_id' => $by->teamId(), 'made_by' => $by->id, 'state' => ImportState::Waiting, 'done' => 0,
            'total' => \count($athletes),
            'content' => array_map(static fn (AthleteFacts $one): array => [
                'name' => $one->name, 'bornOn' => $one->bornOn->toDateString(), 'squad' => $one->squad,
                'number' => $one->number, 'profile' => $one->profile,
            ], $athletes),
        ]);
        dispatch(new MakeAthletes($import->id));

        return $import->refresh();
    }

    /** By the worker, and again from the beginning where it died over it. */
    public function run(Import $import): void
    {
        if ($import->state !== ImportState::Waiting && $import->state !== ImportState::Running) {
            return;
        }
        self::tell($import, ['state' => ImportState::Running->value, 'done' => 0]);
        try {
            DB::transaction(fn () => $this->make($import));
        } catch (UniqueConstraintViolationException) {
            $this->fail(
                $import->refresh(), __('club.imports.number_given_meanwhile'),
            );
        }
    }

    private function make(Import $import): void
    {
        $athletes = $import->content ?? [];
        foreach ($athletes as $place => $one) {
            $facts = new AthleteFacts(
                $one['name'], CarbonImmutable::parse($one['bornOn']), $one['squad'], $one['number'], $one['profile'],
            );
            Athlete::query()->make(['team_id' => $import->team_id, ...$facts->columns()])
                ->forceFill(['import_id' => $import->id])->save();
            if (($place + 1) % self::AT_ONCE === 0) {
                self::tell($import, ['done' => $place + 1]);
            }
        }
        Import::query()->withoutGlobalScope(TeamScope::class)->whereKey($import->id)->firstOrFail()
            ->update(['state' => ImportState::Done, 'done' => \count($athletes), 'content' => null]);
        $this->log->record(
            AuditEvent::ListImported, null, ['athletes' => \count($athletes)], User::query()->find($import->made_by),
        );
    }

    public function fail(Import $import, string $why): void
    {
        $import->update(['state' => ImportState::Failed, 'done' => 0, 'content' => null, 'problem' => $why]);
    }

    /**
     * The person who was examined since, or has something due, stays.
     *
     * @return int athletes that stayed
     *
     * @throws Refusal where its day is over
     */
    public function takeBack(Import $import): int
    {
        if (! $import->canBeTakenBack()) {
            throw Refusal::ofTheWhole(__('club.imports.an_import_can_be_undone_for'));
        }

        return DB::transaction(function () use ($import): int {
            $made = Athlete::withTrashed()->where('import_id', $import->id);
            $this->withoutHistory->among(clone $made)->get()
                ->each(static fn (Athlete $athlete) => $athlete->forceDelete());
            $stayed = $made->count();
            $import->update(['state' => ImportState::TakenBack]);
            $this->log->record(AuditEvent::ImportUndone, null, [
                'athletes' => $import->total - $stayed, 'stayed' => $stayed,
            ]);

            return $stayed;
        });
    }

    /**
     * Those that are under way or can still be taken back, newest first.
     *
     * @return Collection<int, Import>
     */
    public function lately(): Collection
    {
        return Import::query()->where('created_at', '>', Date::now()->subDay())->orderByDesc('id')->limit(20)->get();
    }

    /**
     * Past the transaction of the athletes, so that the person who waits sees how far it is.
     *
     * @param  array<string, int|string>  $columns
     */
    private static function tell(Import $import, array $columns): void
    {
        DB::connection(config()->string('database.beside'))
            ->table('imports')->where('id', $import->id)->update($columns);
    }
}
