<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Values\FileFormat;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\ReadEntry;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Document\Json;
use GrayCompass\Document\Path;
use GrayCompass\Document\Refusal;
use stdClass;

/** Finds out what a file is by what is in it, and reads its examinations and results; nothing is stored. */
final readonly class FileReader
{
    /** The most that a file may weigh, in bytes: 5 MiB. */
    public const MAX_BYTES = Bundles::MAX_BYTES;

    /** Examinations of one file: an import of them is undone within one request. */
    public const MOST_EXAMINATIONS = 500;

    private const ZIP = "PK\x03\x04";

    /** A line of JSON Lines. */
    private const LINE = '/^\s*\{.*\}\s*$/D';

    public function __construct(
        private Assessor $assessor, private Bundles $bundles, private BundlePeople $people, private ResultTable $table,
    ) {
    }

    /** @throws Refusal where the file as a whole is none that can be read */
    public function read(string $bytes): RecordFile
    {
        $file = $this->understood($bytes);
        $examinations = array_filter($file->items, static fn (Item $one): bool => $one->document !== null);
        if (\count($examinations) > self::MOST_EXAMINATIONS) {
            throw Refusal::at('content', __('exchange.incoming.too_many', ['most' => self::MOST_EXAMINATIONS]));
        }

        return $file;
    }

    private function understood(string $bytes): RecordFile
    {
        if ($bytes === '') {
            throw Refusal::at('content', __('exchange.incoming.empty'));
        }
        if (\strlen($bytes) > self::MAX_BYTES) {
            throw Refusal::at('content', __('exchange.incoming.too_large', [
                'mb' => intdiv(self::MAX_BYTES, 1_048_576),
            ]));
        }
        if (str_starts_with($bytes, self::ZIP)) {
            return $this->zip($bytes);
        }
        $text = trim(str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes);
        if (! str_starts_with($text, '{') && ! str_starts_with($text, '[')) {
            return $this->table->read($bytes);
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw Refusal::at('content', __('exchange.incoming.not_utf8'));
        }
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];
        if (\count($lines) > 1 && preg_match(self::LINE, $lines[0]) === 1) {
            return $this->lines($lines);
        }
        $value = self::json($text);
        if ($value instanceof stdClass && ($value->resourceType ?? null) === 'Bundle') {
            return $this->bundle($value);
        }
        if ($value instanceof stdClass && ($value->format ?? null) === ExaminationReader::FORMAT) {
            return new RecordFile(FileFormat::Document, [
                $this->document($value, __('exchange.incoming.the_document')),
            ]);
        }

        throw Refusal::at('content', __('exchange.incoming.unknown_format'));
    }

    /** @throws Refusal where it is no JSON, or too deep */
    private static function json(string $text): mixed
    {
        try {
            return Json::read($text, self::MAX_BYTES);
        } catch (Refusal $refusal) {
            throw Refusal::at($refusal->path === '' ? 'content' : $refusal->path, $refusal->reason);
        }
    }

    private function bundle(stdClass $bundle): RecordFile
    {
        $read = $this->bundles->readRecord($bundle, CarbonImmutable::now());
        $items = array_map(fn (ReadEntry $entry): Item => $this->entry($entry, $bundle), $read->entries);
        if ($items === []) {
            throw Refusal::at('entry', __('exchange.incoming.no_records'));
        }

        return new RecordFile(FileFormat::Bundle, $items, $read->unknown);
    }

    private function entry(ReadEntry $entry, stdClass $bundle): Item
    {
        $person = $this->people->person($entry->patient);
        try {
            return match (true) {
                $entry->refusal !== null => Item::refused($entry->refusal->path, $person, $entry->refusal),
                $entry->document !== null => Item::examination(
                    $entry->path, $person, $entry->document, self::unread($entry->unknown, $bundle),
                ),
                $entry->reference !== null => Item::look(
                    $entry->path, $person, Looks::ofReference($entry->reference, $entry->path),
                ),
                default => Item::refused($entry->path, $person, Refusal::at($entry->path, __('exchange.incoming.no_records'))),
            };
        } catch (Refusal $refusal) {
            return Item::refused($entry->path, $person, $refusal);
        }
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, mixed> by path
     */
    private static function unread(array $paths, stdClass $bundle): array
    {
        return array_combine($paths, array_map(
            static fn (string $path): mixed => Path::value($bundle, $path), $paths,
        ));
    }

    /** @param  list<string>  $lines */
    private function lines(array $lines): RecordFile
    {
        $items = [];
        foreach ($lines as $number => $line) {
            if (trim($line) !== '') {
                $items[] = $this->text($line, __('exchange.incoming.line', ['n' => $number + 1]));
            }
        }

        return new RecordFile(FileFormat::JsonLines, $items);
    }

    private function zip(string $bytes): RecordFile
    {
        $zip = new ZipContent($bytes);
        $items = [];
        foreach ($zip->documents as $name => $text) {
            $items[] = $this->text($text, $name);
        }
        if ($items === []) {
            throw Refusal::at('content', __('exchange.incoming.no_documents_in_zip'));
        }

        return new RecordFile(FileFormat::Zip, $items, $zip->others);
    }

    private function text(string $text, string $place): Item
    {
        try {
            return $this->document(Json::read($text), $place);
        } catch (Refusal $refusal) {
            return Item::refused($place, new Person, $refusal);
        }
    }

    private function document(mixed $document, string $place): Item
    {
        try {
            $this->assessor->read($document);
            \assert($document instanceof stdClass);

            return Item::examination($place, new Person, $document);
        } catch (Refusal $refusal) {
            return Item::refused($place, new Person, $refusal);
        }
    }
}
