<?php

declare(strict_types=1);

namespace App\Platform\Tables;

/** A table as text, RFC 4180, for whatever opens tables. */
final readonly class Csv
{
    public const TYPE = 'text/csv; charset=UTF-8';

    /** Spreadsheets guess at letters beyond ASCII unless they are told. */
    private const MARK = "\xEF\xBB\xBF";

    /** Where a spreadsheet would read a formula: at the beginning of a cell, also of one that it splits otherwise. */
    private const FORMULA = '/(^|[;,\t\r\n])(\s*)(?=[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}])/u';

    private const GUARDED = '/(^|[;,\t\r\n])(\s*)\'(?=[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}])/u';

    /**
     * @param  resource  $out  written to
     */
    public function __construct(private mixed $out, private Separator $separator = Separator::None)
    {
        $separator === Separator::None || fwrite($out, self::MARK);
    }

    /**
     * @param  iterable<array<string|int|null>>  $lines  the heads first
     */
    public static function of(iterable $lines, Separator $separator = Separator::None): string
    {
        $out = fopen('php://temp', 'w+');
        \assert($out !== false);
        $csv = new self($out, $separator);
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
        fputcsv($this->out, array_map(self::harmless(...), $cells), $this->separator->sign(), escape: '', eol: "\r\n");
    }

    /** A cell as it was before it was made harmless. */
    public static function plain(string $cell): string
    {
        return preg_replace(self::GUARDED, '$1$2', $cell) ?? $cell;
    }

    private static function harmless(string|int|null $cell): string
    {
        $text = (string) $cell;

        // A negative number is no formula, and a program must read it as one.
        return is_numeric($text) ? $text : preg_replace(self::FORMULA, "\$1\$2'", $text) ?? $text;
    }
}
