<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Exchange\Fhir\RecordBundles;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Records as FHIR bundles, to be saved as a file. */
final readonly class BundleController
{
    public function __construct(private RecordBundles $bundles, private AuditLog $log)
    {
    }

    public function examination(Examination $examination): JsonResponse
    {
        $this->log->record(AuditEvent::Exported, $examination->id, ['as' => 'FHIR bundle']);
        $day = TeamDays::here()->day($examination->examined_at)->toDateString();

        return response()->json($this->bundles->ofExamination($examination, withPaper: true), headers: [
            'Content-Type' => FhirController::TYPE,
            'Content-Disposition' => "attachment; filename=\"knee-{$day}.fhir.json\"",
        ], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** The whole record, written as it is read. */
    public function athlete(Athlete $athlete): StreamedResponse
    {
        $this->log->record(AuditEvent::Exported, $athlete->id, ['as' => 'FHIR bundle']);

        return response()->streamDownload(function () use ($athlete): void {
            echo '{"resourceType":"Bundle","type":"collection","entry":[';
            $separator = '';
            foreach ($this->bundles->ofAthlete($athlete) as $entry) {
                echo $separator, json_encode(
                    $entry, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                );
                $separator = ',';
            }
            echo ']}';
        }, "knees-{$athlete->id}.fhir.json", ['Content-Type' => FhirController::TYPE]);
    }
}
