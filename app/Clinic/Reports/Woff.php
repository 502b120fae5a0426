<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use RuntimeException;

/** Unpacks a typeface that is packed for the web (WOFF 1.0, W3C Recommendation of 2012) into TrueType. */
final class Woff
{
    private const HEADER = 44;

    private const ENTRY = 20;

    private const SFNT_HEADER = 12;

    private const SFNT_ENTRY = 16;

    /** @throws RuntimeException where it is no such file */
    public static function toTrueType(string $packed): string
    {
        if (! str_starts_with($packed, 'wOFF') || \strlen($packed) < self::HEADER) {
            throw new RuntimeException('The typeface is not a WOFF 1.0 file.');
        }
        $count = self::number('n', $packed, 12);
        $directory = $tables = '';
        $offset = self::SFNT_HEADER + self::SFNT_ENTRY * $count;
        for ($at = self::HEADER; $at < self::HEADER + self::ENTRY * $count; $at += self::ENTRY) {
            $table = self::table($packed, $at);
            $directory .= substr($packed, $at, 4).pack('NNN', self::number('N', $packed, $at + 16), $offset, \strlen($table));
            $padded = str_pad($table, (int) ceil(\strlen($table) / 4) * 4, "\0");
            $tables .= $padded;
            $offset += \strlen($padded);
        }

        return substr($packed, 4, 4).self::search($count).$directory.$tables;
    }

    private static function table(string $packed, int $entry): string
    {
        $stored = self::number('N', $packed, $entry + 8);
        $length = self::number('N', $packed, $entry + 12);
        $table = substr($packed, self::number('N', $packed, $entry + 4), $stored);
        $table = $stored < $length ? (string) @gzuncompress($table, $length) : $table;
        if (\strlen($table) !== $length) {
            throw new RuntimeException('The table '.substr($packed, $entry, 4).' of the typeface is damaged.');
        }

        return $table;
    }

    /** The number of tables and the three figures for a search by halves that follow from it. */
    private static function search(int $count): string
    {
        $halves = (int) floor(log($count, 2));
        $range = 16 * 2 ** $halves;

        return pack('nnnn', $count, $range, $halves, 16 * $count - $range);
    }

    private static function number(string $format, string $packed, int $at): int
    {
        $read = (unpack($format, $packed, $at) ?: [1 => 0])[1];

        return is_int($read) ? $read : 0;
    }
}
