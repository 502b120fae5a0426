<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Examinations\Arrival;
use App\Clinic\Examinations\Arrivals;
use App\Clinic\Examinations\Episodes;
use App\Clinic\Models\Examination;
use App\Clinic\ReferenceResults\ReferenceResults;
use App\Club\Athletes\Roster;
use App\Club\Athletes\SimilarAthletes;
use App\Club\Athletes\WithoutHistory;
use App\Club\Models\Athlete;
use App\Club\Values\AthleteFacts;
use App\Club\Values\ImportState;
use App\Exchange\Models\RecordImport;
use App\Exchange\Values\SignedAs;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Files with examinations and results that come in: all that a preview says or nothing, in the background. */
final readonly class RecordImports
{
    /** Between two tellings of how far it is. */
    private const AT_ONCE = 20;

    public function __construct(
        private FileReader $files, private Arrivals $arrivals, private ReferenceResults $results, private Roster $roster,
        private WithoutHistory $withoutHistory, private AuditLog $log,
    ) {
    }

    /** @throws Refusal where the file as a whole is none that can be read */
    public function preview(string $team, string $bytes, Wishes $wishes): RecordPreview
    {
        return (new Fates($team, $wishes))->of($this->files->read($bytes));
    }

    /**
     * @param  string  $origin  where the records come from
     * @param  int  $expected  so many were told to be stored
     *
     * @throws Refusal where there is nothing to store, or other than was told
     */
    public function begin(User $by, string $bytes, Wishes $wishes, string $origin, int $expected): RecordImport
    {
        $stored = \count($this->preview($by->teamId(), $bytes, $wishes)->toStore());
        if ($stored === 0) {
            throw Refusal::at('content', __('exchange.incoming.nothing_to_store'));
        }
        if ($stored !== $expected) {
            throw Refusal::at('expects', __('exchange.incoming.changed_meanwhile'));
        }
        $import = RecordImport::query()->create([
            'team_id' => $by->teamId(), 'made_by' => $by->id, 'state' => ImportState::Waiting, 'done' => 0,
            'total' => $stored, 'origin' => $origin,
            'content' => [
                'content' => base64_encode($bytes), 'athlete' => $wishes->athlete, 'squad' => $wishes->squad,
                'signed' => $wishes->signed->value,
            ],
        ]);
        dispatch(new StoreRecords($import->id));

        return $import->refresh();
    }

    /**
     * By the worker, and again from the beginning where it died over it.
     *
     * @return bool false: another worker has it
     */
    public function run(RecordImport $import): bool
    {
        // A lock of the connection ends with it, also where the worker is killed.
        $name = "record-import {$import->id}";
        if (! \in_array(DB::scalar('select get_lock(?, 0)', [$name]), [1, '1'], true)) {
            return false;
        }
        try {
            $this->carryOut($import->refresh());
        } finally {
            DB::scalar('select release_lock(?)', [$name]);
        }

        return true;
    }

    private function carryOut(RecordImport $import): void
    {
        if ($import->state !== ImportState::Waiting && $import->state !== ImportState::Running) {
            return;
        }
        $by = User::query()->findOrFail($import->made_by);
        $before = Auth::user();
        // What belongs to a team exists for those who are at work in it.
        Auth::setUser($by);
        try {
            if ($by->teamId() !== $import->team_id || Gate::denies(Ability::Answer)) {
                throw Refusal::ofTheWhole(__('exchange.incoming.not_allowed_any_more'));
            }
            self::tell($import, ['state' => ImportState::Running->value, 'done' => 0]);
            DB::transaction(fn () => $this->store($import, $by));
        } catch (Refusal|SimilarAthletes $problem) {
            $this->fail($import->refresh(), $problem instanceof Refusal
                ? $problem->reason : __('exchange.incoming.changed_meanwhile'));
        } finally {
            $before === null ? Auth::forgetUser() : Auth::setUser($before);
        }
    }

    /** @throws Refusal|SimilarAthletes where it is other than was told when it was asked for */
    private function store(RecordImport $import, User $by): void
    {
        $said = $import->content ?? throw Refusal::ofTheWhole(__('exchange.incoming.nothing_to_store'));
        $wishes = new Wishes($said['athlete'], $said['squad'], SignedAs::from($said['signed']));
        $fates = $this->preview($import->team_id, (string) base64_decode($said['content'], true), $wishes)->toStore();
        if (\count($fates) !== $import->total) {
            throw Refusal::ofTheWhole(__('exchange.incoming.changed_meanwhile'));
        }
        $added = [];
        $knees = new Knees;
        foreach ($fates as $place => $fate) {
            $person = $fate->item->person;
            $athlete = $fate->athlete ?? $added[$person->key()] ??= $this->add($import, $person, $wishes);
            $this->one($import, $fate->item, $athlete, $wishes, $by, $knees);
            if (($place + 1) % self::AT_ONCE === 0) {
                self::tell($import, ['done' => $place + 1]);
            }
        }
        RecordImport::query()->whereKey($import->id)->firstOrFail()
            ->update(['state' => ImportState::Done, 'done' => $import->total, 'content' => null]);
        $this->log->record(AuditEvent::RecordsImported, null, [
            'records' => $import->total, 'athletes' => \count($added),
        ], $by);
    }

    private function one(
        RecordImport $import, Item $item, Athlete $athlete, Wishes $wishes, User $by, Knees $knees,
    ): void {
        if ($item->document !== null) {
            $isHistory = isset($item->document->signedAt) && $wishes->signed === SignedAs::History;
            $this->arrivals->store(
                $athlete, $item->document, new Arrival($import->origin, $import->id, $isHistory, $item->unread), $by,
            );
            $knees->forget($athlete);
        }
        if ($item->look !== null) {
            $episode = $knees->episode($item->look, $athlete)
                ?? throw Refusal::ofTheWhole(__('exchange.incoming.changed_meanwhile'));
            $this->results->add($episode, $item->look->facts, $by, import: $import->id);
        }
    }

    private function add(RecordImport $import, Person $person, Wishes $wishes): Athlete
    {
        \assert($person->bornOn !== null);
        $athlete = $this->roster->add($import->team_id, new AthleteFacts(
            $person->name, $person->bornOn, $wishes->squad, $person->number,
            $person->sex === null ? [] : ['sex' => $person->sex],
        ), isAnother: false);
        $athlete->forceFill(['record_import_id' => $import->id])->save();

        return $athlete;
    }

    public function fail(RecordImport $import, string $why): void
    {
        $import->update(['state' => ImportState::Failed, 'done' => 0, 'content' => null, 'problem' => $why]);
    }

    /**
     * What was changed or built upon since stays.
     *
     * @return int records that stayed
     *
     * @throws Refusal where its day is over
     */
    public function takeBack(RecordImport $import): int
    {
        if (! $import->canBeTakenBack()) {
            throw Refusal::ofTheWhole(__('club.imports.an_import_can_be_undone_for'));
        }

        return DB::transaction(function () use ($import): int {
            $stayed = $this->results->removeImported($import->id);
            $examinations = Examination::query()->where('record_import_id', $import->id)
                ->orderByDesc('examined_at')->get();
            foreach ($examinations as $one) {
                Arrivals::isUntouched($one) ? $this->arrivals->remove($one) : $stayed++;
            }
            Episodes::removeEmpty(array_values(array_unique($examinations->map->episode_id->all())));
            $this->withoutHistory->among(Athlete::withTrashed()->where('record_import_id', $import->id))->get()
                ->each(static fn (Athlete $athlete) => $athlete->forceDelete());
            $import->update(['state' => ImportState::TakenBack]);
            $this->log->record(AuditEvent::RecordImportUndone, $import->id, [
                'records' => $import->total - $stayed, 'stayed' => $stayed,
            ]);

            return $stayed;
        });
    }

    /**
     * Those that are under way or can still be undone, newest first.
     *
     * @return Collection<int, RecordImport>
     */
    public function lately(): Collection
    {
        return RecordImport::query()->where('created_at', '>', Date::now()->subDay())->orderByDesc('id')->limit(20)->get();
    }

    /**
     * Past the transaction of the records, so that the person who waits sees how far it is.
     *
     * @param  array<string, int|string>  $columns
     */
    private static function tell(RecordImport $import, array $columns): void
    {
        DB::connection(config()->string('database.beside'))
            ->table('record_imports')->where('id', $import->id)->update($columns);
    }
}
