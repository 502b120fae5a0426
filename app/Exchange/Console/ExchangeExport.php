<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\AthleteFiles\AthleteArchive;
use App\Clinic\Examinations\Document;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Exchange\Fhir\RecordBundles;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\Console\Output\OutputInterface;

/** What “Export” of a summary and “Export record” of an athlete do, on standard output. */
final class ExchangeExport extends RecordCommand
{
    protected $signature = 'exchange:export {what : examination or athlete} {id}
        {--by= : e-mail of the member in whose name it is done}
        {--format=fhir : fhir, of an examination also document, of an athlete also zip}';

    protected $description = 'Write an examination or the record of an athlete to standard output';

    public function __construct(
        private readonly RecordBundles $bundles, private readonly AthleteArchive $archive, private readonly AuditLog $log,
    ) {
        parent::__construct();
    }

    protected function carryOut(User $by): void
    {
        $id = strtolower((string) $this->argument('id'));
        match ([$this->argument('what'), $this->option('format')]) {
            ['examination', 'document'] => $this->write(Document::of($this->examination($id, 'document'))->content()),
            ['examination', 'fhir'] => $this->write($this->bundles->ofExamination($this->examination($id, 'FHIR bundle'))),
            ['athlete', 'fhir'] => $this->bundle($this->athlete($id, 'FHIR bundle')),
            ['athlete', 'zip'] => $this->zip($this->athlete($id, 'archive')),
            default => throw Refusal::at('what', 'expected an examination as document or fhir, or an athlete as fhir or zip'),
        };
    }

    private function examination(string $id, string $as): Examination
    {
        $this->authorize(Ability::Examine);
        $examination = Examination::query()->find($id) ?? throw Refusal::at('id', 'there is no such examination');
        Gate::authorize('view', $examination);
        $this->log->record(AuditEvent::Exported, $examination->id, ['as' => $as]);

        return $examination->load(['sections', 'records']);
    }

    private function athlete(string $id, string $as): Athlete
    {
        $this->authorize(Ability::Lead);
        $athlete = Athlete::withTrashed()->find($id) ?? throw Refusal::at('id', 'there is no such athlete');
        $this->log->record(AuditEvent::Exported, $athlete->id, ['as' => $as]);

        return $athlete;
    }

    private function bundle(Athlete $athlete): void
    {
        $before = '{"resourceType":"Bundle","type":"collection","entry":[';
        foreach ($this->bundles->ofAthlete($athlete) as $entry) {
            $this->output->write($before."\n".Json::write($entry), false, OutputInterface::OUTPUT_RAW);
            $before = ',';
        }
        $this->output->writeln("\n]}", OutputInterface::OUTPUT_RAW);
    }

    private function zip(Athlete $athlete): void
    {
        $zip = $this->archive->open($athlete);
        while (! feof($zip)) {
            $this->output->write((string) fread($zip, 1_048_576), false, OutputInterface::OUTPUT_RAW);
        }
        fclose($zip);
    }
}
