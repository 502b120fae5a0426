<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use Illuminate\Support\Str;

/** Whether two written names may be one: accents, capitals and the order of the names do not count. */
final class Likeness
{
    /** Letters in which two names may differ and still be one name written twice. */
    private const SLIPS = 2;

    public static function same(string $one, string $other): bool
    {
        return self::words($one) === self::words($other)
            && (self::words($one) !== [] || mb_strtolower($one) === mb_strtolower($other));
    }

    /** The same, a slip of the pen away, or with a name in common: twins are alike too. */
    public static function alike(string $one, string $other): bool
    {
        [$one, $other] = [self::words($one), self::words($other)];

        return array_intersect($one, $other) !== []
            || $one !== [] && $other !== []
            && levenshtein(implode(' ', $one), implode(' ', $other)) <= self::SLIPS;
    }

    /**
     * @return list<string> without accents, in small letters, in the order of the alphabet
     */
    private static function words(string $name): array
    {
        $words = array_filter(
            preg_split('/[^a-z]+/', Str::lower(Str::ascii($name))) ?: [],
            static fn (string $word): bool => \strlen($word) > 1,
        );
        sort($words);

        return $words;
    }
}
