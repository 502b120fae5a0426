<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use GrayCompass\Document\Refusal;
use RuntimeException;

/** What a password must be: long, and none that is guessed first. Nothing else is asked of it. */
final class Passwords
{
    /** Letters. */
    public const LEAST = 12;

    public const MOST = 255;

    /** Fewer different letters than this are a rhythm, and no password. */
    private const DIFFERENT = 5;

    private const COMMON = 'common-passwords.txt';

    /** What is wrong with it; null where nothing is. */
    public static function fault(string $password, string ...$own): ?string
    {
        $plain = mb_strtolower($password);
        $letters = (string) preg_replace('/[^a-z]+/', '', $plain);

        return match (true) {
            mb_strlen($password) < self::LEAST => (string) __('access.passwords.too_short', ['least' => self::LEAST]),
            mb_strlen($password) > self::MOST => (string) __('access.passwords.too_long', ['most' => self::MOST]),
            \count(array_unique(mb_str_split($plain))) < self::DIFFERENT => (string) __('access.passwords.repeats'),
            array_intersect([$plain, $letters], self::common()) !== [] => (string) __('access.passwords.common'),
            self::isOwn($plain, $own) => (string) __('access.passwords.own'),
            default => null,
        };
    }

    /** @throws Refusal */
    public static function insist(string $password, string ...$own): void
    {
        $fault = self::fault($password, ...$own);
        if ($fault !== null) {
            throw Refusal::at('password', $fault);
        }
    }

    /**
     * @param  array<array-key, string>  $own
     */
    private static function isOwn(string $plain, array $own): bool
    {
        foreach ($own as $whole) {
            $whole = mb_strtolower($whole);
            $name = (string) strtok($whole, '@');
            if ($plain === $whole) {
                return true;
            }
            $without = str_replace([$name, ...explode(' ', $name)], '', $plain);
            if ($name !== '' && mb_strlen($without) < mb_strlen($plain) && mb_strlen($without) < self::LEAST / 2) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return list<string>
     */
    private static function common(): array
    {
        $file = file(resource_path(self::COMMON), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);

        return $file === false ? throw new RuntimeException('The list of common passwords is missing.') : $file;
    }
}
