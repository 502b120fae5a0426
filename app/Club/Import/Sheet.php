<?php

declare(strict_types=1);

namespace App\Club\Import;

use GrayCompass\Document\Refusal;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A table as someone's spreadsheet wrote it, whatever its letters and whatever stands between its cells. */
final readonly class Sheet
{
    public const MOST_ROWS = 2000;

    private const MOST_COLUMNS = 60;

    private const BETWEEN = [';', ',', "\t", '|'];

    /** By the bytes that a file begins with. */
    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    /**
     * @param  string  $letters  the encoding that was found
     * @param  string  $between  what stands between cells
     * @param  list<string>  $heads
     * @param  array<int, list<string>>  $rows  by their number in the file, the heads being row 1
     */
    private function __construct(
        public string $letters, public string $between, public array $heads, public array $rows,
    ) {
    }

    /**
     * @param  int  $most  rows that it may have below its heads
     *
     * @throws Refusal where it is no table, or too long
     */
    public static function read(string $bytes, int $most = self::MOST_ROWS): self
    {
        [$letters, $text] = self::decoded($bytes);
        $text = trim(str_replace(["\r\n", "\r"], "\n", $text), "\n");
        if ($text === '' || str_contains($text, "\0")) {
            throw Refusal::at(
                'content', $text === '' ? __('club.sheet.file_is_empty') : __('club.sheet.no_csv'),
            );
        }
        $between = self::between(strtok($text, "\n") ?: '');
        /** @var list<array<string, string>> $lines */
        $lines = (new CsvEncoder)->decode($text, 'csv', [
            CsvEncoder::DELIMITER_KEY => $between,
            CsvEncoder::NO_HEADERS_KEY => true,
            CsvEncoder::AS_COLLECTION_KEY => true,
        ]);
        $lines = array_map(static fn (array $line): array => array_map(trim(...), array_values($line)), $lines);
        if (\count($lines) < 2) {
            throw Refusal::at(
                'content', __('club.sheet.no_rows'),
            );
        }
        if (\count($lines) > $most + 1 || \count($lines[0]) > self::MOST_COLUMNS) {
            throw Refusal::at(
                'content',
                __('club.sheet.too_long', [
                    'most_rows' => $most, 'most_columns' => self::MOST_COLUMNS,
                ]),
            );
        }
        $rows = [];
        foreach (\array_slice($lines, 1) as $place => $line) {
            if (implode('', $line) !== '') {
                $rows[$place + 2] = $line;
            }
        }

        return new self($letters, $between, $lines[0], $rows);
    }

    /**
     * @return array{string, string} the encoding, and the text in UTF-8
     */
    private static function decoded(string $bytes): array
    {
        foreach (self::MARKS as $mark => $letters) {
            if (str_starts_with($bytes, $mark)) {
                return [$letters, mb_convert_encoding(substr($bytes, \strlen($mark)), 'UTF-8', $letters)];
            }
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return ['UTF-8', $bytes];
        }

        // It holds Latin-1 whole, and what its spreadsheets put where that has nothing.
        return ['Windows-1252', mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252')];
    }

    /** Whichever stands in the first line most often. */
    private static function between(string $line): string
    {
        $bare = (string) preg_replace('/"[^"]*"/', '', $line);
        $counts = array_map(static fn (string $one): int => substr_count($bare, $one), self::BETWEEN);

        return self::BETWEEN[(int) array_search(max($counts), $counts, true)];
    }
}
