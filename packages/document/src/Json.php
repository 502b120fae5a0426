<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use JsonException;
use stdClass;

/** JSON text to plain values: objects stay objects, so that `{}` and `[]` can be told apart. */
final class Json
{
    /** The most that one document may weigh, in bytes: 1 MiB. */
    public const MAX_BYTES = 1_048_576;

    private const MAX_DEPTH = 32;

    /**
     * @param  int  $most  bytes that the text may weigh
     *
     * @throws Refusal when the text is too large, is no JSON, or holds a number beyond all bounds
     */
    public static function read(string $text, int $most = self::MAX_BYTES): mixed
    {
        if (\strlen($text) > $most) {
            throw Refusal::tooLarge(intdiv($most, 1_048_576));
        }
        try {
            $value = json_decode($text, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw Refusal::notJson($problem->getMessage());
        }
        if (preg_match('/[eE]\+?\d{3}|\d{300}/', $text) === 1) {
            self::refuseBoundless($value, '');
        }

        return $value;
    }

    /** Digits that no machine can hold arrive as infinity, which nothing downstream can write again. */
    private static function refuseBoundless(mixed $value, string $path): void
    {
        if (\is_float($value) && ! is_finite($value)) {
            throw Refusal::numberTooLarge($path);
        }
        if (\is_array($value) || $value instanceof stdClass) {
            foreach ((array) $value as $key => $inner) {
                self::refuseBoundless($inner, match (true) {
                    \is_array($value) => "{$path}[{$key}]",
                    default => $path === '' ? (string) $key : "{$path}.{$key}",
                });
            }
        }
    }

    /** Figures keep all their digits; a float without a fraction stays recognisable as a number. */
    public static function write(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
