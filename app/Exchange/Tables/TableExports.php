<?php

declare(strict_types=1);

namespace App\Exchange\Tables;

use App\Access\Models\User;
use App\Clinic\AthleteFiles\TemporaryFolder;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Exchange\Models\TableExport;
use App\Exchange\Models\TableExportPart;
use App\Exchange\Values\Table;
use App\Exchange\Values\TableExportState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Tables\Csv;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/**
 * All signed examinations of a team as tables: written by a queue, some hundred at a time, each step whole or not at
 * all; kept encrypted for a day. Names of athletes are not among them.
 *
 * @phpstan-import-type Row from VisitRows
 */
final readonly class TableExports
{
    /** After so many hours an export is gone. */
    public const HOURS = 24;

    /** Examinations of one step: some seconds of work. */
    public const STEP = 250;

    private const ROWS_AT_ONCE = 2_000;

    private const PIECE_BYTES = 1_048_576;

    public function __construct(private VisitRows $visits, private TeamRows $rows, private AuditLog $log)
    {
    }

    public function ask(User $by): TableExport
    {
        return DB::transaction(function () use ($by): TableExport {
            $export = TableExport::query()->create([
                'team_id' => $by->teamId(), 'asked_by' => $by->id, 'state' => TableExportState::Running,
                'total' => self::examinations($by->teamId())->count(),
            ]);
            $this->log->record(AuditEvent::Exported, null, ['as' => 'tables']);
            dispatch(new WriteTables($export->id));

            return $export;
        });
    }

    /**
     * Writes the next examinations, or what else there is once all are written. Asked again after a worker died in
     * between, it goes on where the last whole step ended.
     *
     * @return bool whether there is more to write
     */
    public function step(string $id): bool
    {
        return DB::transaction(function () use ($id): bool {
            $export = TableExport::query()->withoutGlobalScopes()->lockForUpdate()->find($id);
            if ($export?->state !== TableExportState::Running) {
                return false;
            }
            $next = self::examinations($export->team_id)->where('id', '>', $export->reached ?? '')
                ->with(['sections', 'records', 'episode'])->orderBy('id')->limit(self::STEP)->get();
            if ($next->isEmpty()) {
                $this->writeTheRest($export);
                $export->update(['bytes' => $this->zip($export), 'state' => TableExportState::Ready]);

                return false;
            }
            $snapshots = Snapshot::query()->whereIn('examination_id', $next->modelKeys())->get()
                ->keyBy('examination_id');
            $rows = [];
            foreach ($next as $examination) {
                $snapshot = $snapshots->get($examination->id);
                foreach ($snapshot === null ? [] : $this->visits->of($examination, $snapshot) as $table => $more) {
                    $rows[$table] = [...$rows[$table] ?? [], ...$more];
                }
            }
            foreach ($rows as $table => $of) {
                $this->keep($export, Table::from($table), $export->done, $of);
            }
            $export->update(['done' => $export->done + $next->count(), 'reached' => $next->last()->id]);

            return true;
        });
    }

    public function prune(): void
    {
        TableExport::query()->withoutGlobalScopes()
            ->where('created_at', '<', Date::now()->subHours(self::HOURS))->delete();
    }

    public function fail(string $id): void
    {
        TableExport::query()->withoutGlobalScopes()->whereKey($id)->update(['state' => TableExportState::Failed]);
    }

    /** @return iterable<string> the zip, piece by piece */
    public function content(TableExport $export): iterable
    {
        foreach (self::parts($export, TableExportPart::ZIP)->lazy(1) as $part) {
            yield $part->content;
        }
    }

    /** @return HasMany<TableExportPart, TableExport> in their order */
    private static function parts(TableExport $export, string $of): HasMany
    {
        $parts = $export->parts();
        $parts->where('of_table', $of)->orderBy('number');

        return $parts;
    }

    /**
     * Signed, and not replaced by another signed one. The worker has no session, so the team scope would find nothing.
     *
     * @return Builder<Examination>
     */
    private static function examinations(string $team): Builder
    {
        return Examination::query()->withoutGlobalScopes()->whereNull('deleted_at')->where('team_id', $team)
            ->whereNotNull('signed_at')->whereDoesntHave('superseding', static fn (Builder $later) => $later
            ->withoutGlobalScopes()->whereNotNull('signed_at'));
    }

    private function writeTheRest(TableExport $export): void
    {
        foreach (Table::cases() as $table) {
            $rows = [];
            $number = 0;
            foreach ($this->rows->of($table, $export->team_id) as $row) {
                $rows[] = $row;
                if (\count($rows) === self::ROWS_AT_ONCE) {
                    $this->keep($export, $table, $number++, $rows);
                    $rows = [];
                }
            }
            $this->keep($export, $table, $number, $rows);
        }
    }

    /** @return int bytes; the rows are left out from then on */
    private function zip(TableExport $export): int
    {
        $folder = new TemporaryFolder;
        try {
            $name = $folder->file();
            $zip = new ZipArchive;
            if ($zip->open($name, ZipArchive::OVERWRITE) !== true) {
                throw new RuntimeException('The zip cannot be written.');
            }
            $zip->addFromString('datapackage.json', json_encode(
                Columns::package($export->created_at->toIso8601ZuluString()),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
            ));
            foreach (Table::cases() as $table) {
                $zip->addFile($this->file($export, $table, $folder), $table->file());
            }
            $zip->close();
            $export->parts()->delete();

            return self::keepZip($export, $name);
        } finally {
            $folder->remove();
        }
    }

    /** @return string path of a file with one table, head first */
    private function file(TableExport $export, Table $table, TemporaryFolder $folder): string
    {
        $name = $folder->file();
        file_put_contents($name, Csv::of([Columns::of($table)]));
        foreach (self::parts($export, $table->value)->lazy(1) as $part) {
            file_put_contents($name, $part->content, FILE_APPEND);
        }

        return $name;
    }

    private static function keepZip(TableExport $export, string $name): int
    {
        $zip = fopen($name, 'r') ?: throw new RuntimeException('The zip cannot be read.');
        for ($number = $bytes = 0; ($piece = (string) fread($zip, self::PIECE_BYTES)) !== ''; $number++) {
            $bytes += \strlen($piece);
            TableExportPart::query()->create([
                'table_export_id' => $export->id, 'of_table' => TableExportPart::ZIP, 'number' => $number,
                'content' => $piece,
            ]);
        }
        fclose($zip);

        return $bytes;
    }

    /** @param  list<Row>  $rows */
    private function keep(TableExport $export, Table $table, int $number, array $rows): void
    {
        $rows === [] || TableExportPart::query()->create([
            'table_export_id' => $export->id, 'of_table' => $table->value, 'number' => $number,
            'content' => Csv::of($rows),
        ]);
    }
}
