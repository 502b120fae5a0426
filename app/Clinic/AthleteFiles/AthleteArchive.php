<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Access\Teams\TeamDays;
use App\Clinic\Examinations\Assessments;
use App\Clinic\Examinations\Document;
use App\Clinic\History\AthleteHistory;
use App\Clinic\History\WritesHistory;
use App\Clinic\Models\Addendum;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\LetterVersion;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\ReferenceResults\Attachments;
use App\Clinic\Reports\LetterPdf;
use App\Clinic\Reports\SummaryPdf;
use App\Club\Models\Athlete;
use App\Platform\Tables\Csv;
use App\Trust\Audit\LogLines;
use App\Trust\Audit\Search;
use Illuminate\Support\Collection;
use RuntimeException;
use ZipArchive;

/**
 * Everything on one athlete in one zip: an index to read, and beside it the facts, documents, assessments and summaries
 * of every examination, what the knees turned out to have, what was due, the letters, and who looked at it or changed
 * it.
 */
final readonly class AthleteArchive
{
    public function __construct(
        private Assessments $assessments, private SummaryPdf $pdf, private LetterPdf $letters, private Attachments $attachments,
        private LogLines $lines, private WritesHistory $history,
    ) {
    }

    /**
     * @param  Athlete  $athlete  put away or not
     * @return resource to read it from; its file has no name any more, and goes when it is closed
     */
    public function open(Athlete $athlete): mixed
    {
        $folder = new TemporaryFolder;
        try {
            $file = $this->written($athlete, $folder);
            $opened = fopen($file, 'r');

            return $opened !== false ? $opened : throw new RuntimeException('The archive cannot be read.');
        } finally {
            $folder->remove();
        }
    }

    /** @return string path of the archive, in this folder */
    private function written(Athlete $athlete, TemporaryFolder $folder): string
    {
        $history = AthleteHistory::whole($athlete);
        $examinations = $history->examinations()->sortBy('examined_at')->values();
        $file = $folder->file();
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive cannot be written.');
        }
        $names = [];
        foreach ($examinations as $examination) {
            $names[$examination->id] = $this->examination($zip, $examination);
        }
        $facts = $this->history->write($history);
        $zip->addFromString('athlete.json', self::json($facts));
        foreach (self::files($history) as $attachment) {
            $this->file($zip, $folder, $attachment);
        }
        foreach ($history->letters as $letter) {
            $this->letter($zip, $letter);
        }
        $zip->addFromString('log.csv', Csv::of($this->log($athlete, array_keys($names))));
        $zip->addFromString('index.html', view('archive', [
            'athlete' => $athlete, 'facts' => $facts, 'folders' => $names,
            'replaced' => $examinations->pluck('supersedes_id')->filter()->all(), 'days' => TeamDays::ofTeam($athlete->team_id),
        ])->render());
        $zip->close();

        return $file;
    }

    /** @return string the folder that it stands in */
    private function examination(ZipArchive $zip, Examination $examination): string
    {
        $examination->loadMissing(Examination::WHOLE);
        $assessment = $this->assessments->assessment($examination);
        $day = TeamDays::ofTeam($examination->team_id)->day($examination->examined_at);
        $folder = "examinations/{$day->toDateString()}-{$examination->episode->hurt_side->value}-"
            .substr($examination->id, -6);
        $zip->addFromString("{$folder}/document.json", self::json(Document::of($examination)->content()));
        $zip->addFromString("{$folder}/assessment.json", self::json($assessment));
        if ($examination->unread !== null) {
            $zip->addFromString("{$folder}/unread.json", self::json($examination->unread));
        }
        if ($examination->addenda->isNotEmpty()) {
            $zip->addFromString("{$folder}/addenda.json", self::json($examination->addenda->map(
                static fn (Addendum $one): array => [
                    'at' => $one->created_at->toIso8601ZuluString(), 'by' => $one->writer?->name, 'words' => $one->words,
                ],
            )->values()));
        }
        $zip->addFromString("{$folder}/summary.pdf", $this->pdf->render($examination, $assessment));

        return $folder;
    }

    /**
     * @return Collection<int, Attachment> beside all results
     */
    private static function files(AthleteHistory $history): Collection
    {
        return $history->episodes->flatMap(static fn (Episode $episode): Collection => $episode->referenceResults
            ->flatMap(static fn (ReferenceResult $result): Collection => $result->attachments))->values();
    }

    /** Piece by piece, for a zip holds what it was given until it is closed. */
    private function file(ZipArchive $zip, TemporaryFolder $folder, Attachment $attachment): void
    {
        $name = $folder->file();
        $file = fopen($name, 'w');
        foreach ($this->attachments->content($attachment) as $piece) {
            $file === false || fwrite($file, $piece);
        }
        $file === false || fclose($file);
        $zip->addFile($name, "files/{$attachment->id}.{$attachment->type->suffix()}");
    }

    /** As it stands or as it left, and all that it said before. */
    private function letter(ZipArchive $zip, Letter $letter): void
    {
        $zip->addFromString("letters/{$letter->id}.txt", $this->letters->plain($letter, $letter->newest()));
        $zip->addFromString("letters/{$letter->id}.json", self::json($letter->versions->map(
            static fn (LetterVersion $one): array => [
                'number' => $one->number, 'at' => $one->created_at->toIso8601ZuluString(),
                'by' => $one->writer->name ?? null, ...$one->content,
            ],
        )->values()));
    }

    /**
     * @param  list<string>  $examinations
     * @return iterable<array<string|int|null>>
     */
    private function log(Athlete $athlete, array $examinations): iterable
    {
        $search = new Search($athlete->team_id);
        $people = $search->people();
        yield ['id', 'at', 'who', 'event', 'about', 'subject', 'detail', 'address'];
        foreach ($search->entries()->whereIn('subject', [$athlete->id, ...$examinations])->lazyByIdDesc(500) as $entry) {
            yield array_values($this->lines->line($entry, $people, [(string) $entry->subject => $athlete->name]));
        }
    }

    private static function json(mixed $content): string
    {
        return json_encode(
            $content, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
