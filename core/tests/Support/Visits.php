<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use DateTimeImmutable;

/** Earlier visits of a left knee, as a document of 30 November 2026 carries them. */
final class Visits
{
    private const TODAY = '2026-11-30';

    /**
     * @param  list<array<string, mixed>>  $findings
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function ago(int $days, array $findings, array $more = []): array
    {
        return [
            'id' => "visit {$days}",
            'examinedOn' => (new DateTimeImmutable(self::TODAY))->modify("-{$days} days")->format('Y-m-d'),
            'daysAgo' => $days,
            'findings' => $findings,
            ...$more,
        ];
    }

    /**
     * @param  array<string, string>  $results
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function known(string $by, int $daysAgo, array $results, array $more = []): array
    {
        return [
            'by' => $by,
            'on' => (new DateTimeImmutable(self::TODAY))->modify("-{$daysAgo} days")->format('Y-m-d'),
            'daysAgo' => $daysAgo,
            'episode' => 'this',
            'results' => $results,
            ...$more,
        ];
    }

    /**
     * @param  array<string, mixed>  $finding
     * @return array<string, mixed>
     */
    public static function hurt(string $manoeuvre, array $finding): array
    {
        return ['manoeuvre' => $manoeuvre, 'side' => 'left', ...$finding];
    }

    /**
     * @param  array<string, mixed>  $finding
     * @return array<string, mixed>
     */
    public static function other(string $manoeuvre, array $finding): array
    {
        return ['manoeuvre' => $manoeuvre, 'side' => 'right', ...$finding];
    }
}
