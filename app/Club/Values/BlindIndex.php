<?php

declare(strict_types=1);

namespace App\Club\Values;

use App\Access\Models\Team;
use Illuminate\Support\Str;

/**
 * Lets an encrypted name be found by any part of it: keyed hashes of its runs of one to three letters. Without
 * the key they tell how often a run occurs in a team, and nothing else.
 */
final class BlindIndex
{
    private const LONGEST = 3;

    /** Bytes of a hash; two runs that share one would only be read once more. */
    private const BYTES = 8;

    /**
     * Of every run in every word, each once.
     *
     * @return list<string> binary
     */
    public static function entries(string $team, string $text): array
    {
        $runs = [];
        foreach (self::words($text) as $word) {
            for ($from = 0; $from < \strlen($word); $from++) {
                for ($length = 1; $length <= self::LONGEST && $from + $length <= \strlen($word); $length++) {
                    $runs[substr($word, $from, $length)] = true;
                }
            }
        }

        return self::hashes($team, array_map(strval(...), array_keys($runs)));
    }

    /**
     * Of the runs that the athlete looked for must have.
     *
     * @return list<string> binary
     */
    public static function sought(string $team, string $search): array
    {
        $runs = [];
        foreach (self::words($search) as $word) {
            $length = \min(self::LONGEST, \strlen($word));
            for ($from = 0; $from + $length <= \strlen($word); $from++) {
                $runs[substr($word, $from, $length)] = true;
            }
        }

        return self::hashes($team, array_map(strval(...), array_keys($runs)));
    }

    /** Of a text as a whole. */
    public static function hash(string $team, string $text): string
    {
        return self::hashes($team, [$text])[0];
    }

    /**
     * In small letters without accents.
     *
     * @return list<string>
     */
    private static function words(string $text): array
    {
        return array_values(array_filter(explode(' ', Str::squish(Str::lower(Str::ascii($text))))));
    }

    /**
     * @param  list<string>  $runs
     * @return list<string>
     */
    private static function hashes(string $team, array $runs): array
    {
        $key = (string) base64_decode(Team::query()->findOrFail($team)->ownSecret(), true);

        return array_map(
            static fn (string $run): string => substr(hash_hmac('sha256', $run, $key, true), 0, self::BYTES),
            $runs,
        );
    }
}
