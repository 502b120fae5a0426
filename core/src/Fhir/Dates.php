<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use DateTimeImmutable;
use Throwable;

/** Which texts FHIR takes as dates and instants, and the days that lie some days on. */
final class Dates
{
    private const DATE = '\d{4}(-(0[1-9]|1[0-2])(-(0[1-9]|[12]\d|3[01]))?)?';

    private const TIME = 'T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,9})?(Z|[+-]((0\d|1[0-3]):[0-5]\d|14:00))';

    /** Whether a text is a `dateTime`: a date, or a moment with seconds and a time zone. */
    public static function isDateTime(string $text): bool
    {
        return preg_match('/^'.self::DATE.'$|^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])'.self::TIME.'$/D', $text) === 1;
    }

    /** Whether a text is an `instant`: a moment with seconds and a time zone. */
    public static function isInstant(string $text): bool
    {
        return self::isDateTime($text) && str_contains($text, 'T');
    }

    /** The date so many days after a day or moment, as `2026-03-14`; null when the text is no day. */
    public static function plus(string $text, int $days): ?string
    {
        $day = self::day($text);

        return $day?->modify("{$days} days")->format('Y-m-d');
    }

    /** The day of a date or moment, as it is written there; null when the text holds no whole date. */
    public static function day(string $text): ?DateTimeImmutable
    {
        if (preg_match('/^\d{4}-\d{2}-\d{2}(?=$|T)/D', $text, $found) !== 1) {
            return null;
        }
        try {
            return new DateTimeImmutable("{$found[0]}T00:00:00Z");
        } catch (Throwable) {
            return null;
        }
    }
}
