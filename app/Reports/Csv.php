<?php

declare(strict_types=1);

namespace App\Reports;

/** A table as text, RFC 4180, for whatever opens tables. */
final readonly class Csv
{
    /** Spreadsheets guess at letters beyond ASCII unless they are told. */
    public const TYPE = 'text/csv; charset=UTF-8';

    /**
     * @param  resource  $out  written to
     */
    public function __construct(private mixed $out)
    {
    }

    /**
     * @param  iterable<array<string|int|null>>  $lines  the heads first
     */
    public static function of(iterable $lines): string
    {
        $out = fopen('php://temp', 'w+');
        \assert($out !== false);
        $csv = new self($out);
        foreach ($lines as $line) {
            $csv->line($line);
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /**
     * @param  array<string|int|null>  $cells
     */
    public function line(array $cells): void
    {
        fputcsv($this->out, array_map(self::harmless(...), $cells), escape: '', eol: "\r\n");
    }

    /** A cell that begins like a formula would be one in a spreadsheet. */
    private static function harmless(string|int|null $cell): string
    {
        $text = (string) $cell;

        return preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'{$text}" : $text;
    }
}
