<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Access\Models\User;
use App\Clinic\Models\Export;
use App\Clinic\Models\ExportPart;
use App\Clinic\Values\ExportState;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Support\Facades\DB;

/** Whole records: asked for, made behind the application, and kept encrypted until they are fetched. */
final readonly class Exports
{
    /** After so many hours an export is gone. */
    public const HOURS = 24;

    private const PART_BYTES = 1_048_576;

    public function __construct(private AthleteArchive $archive, private AuditLog $log)
    {
    }

    /** @param  Athlete  $athlete  put away or not */
    public function ask(Athlete $athlete, User $by): Export
    {
        return DB::transaction(function () use ($athlete, $by): Export {
            $export = Export::query()->create([
                'team_id' => $athlete->team_id, 'athlete_id' => $athlete->id, 'asked_by' => $by->id,
                'state' => ExportState::Waiting,
            ]);
            $this->log->record(AuditEvent::Exported, $athlete->id, ['as' => 'everything']);
            dispatch(new MakeExport($export->id));

            return $export;
        });
    }

    /** As the person who asked for it, and with what they may see. */
    public function make(Export $export): void
    {
        $athlete = Athlete::withTrashed()->findOrFail($export->athlete_id);
        $zip = $this->archive->open($athlete);
        DB::transaction(static function () use ($export, $zip): void {
            $export->parts()->delete();
            $bytes = 0;
            for ($number = 0; ($piece = (string) fread($zip, self::PART_BYTES)) !== ''; $number++) {
                $bytes += \strlen($piece);
                ExportPart::query()->create([
                    'athlete_id' => $export->athlete_id, 'export_id' => $export->id, 'number' => $number,
                    'content' => $piece,
                ]);
            }
            $export->update(['state' => ExportState::Ready, 'bytes' => $bytes]);
        });
        fclose($zip);
    }

    /**
     * Piece by piece.
     *
     * @return iterable<string>
     */
    public function content(Export $export): iterable
    {
        foreach ($export->parts()->lazy(1) as $part) {
            yield $part->content;
        }
    }
}
