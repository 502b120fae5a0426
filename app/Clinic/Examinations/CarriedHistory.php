<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\StudentScope;
use App\Clinic\Values\SectionName;
use Carbon\CarbonImmutable;
use stdClass;

/**
 * The history belongs to the episode: what was told at the last signed visit stands at the next one, but for the pain of
 * that day, and what was so long ago is by now longer ago.
 */
final class CarriedHistory
{
    private const OF_THE_DAY = ['painNow', 'painActivity', 'painSite'];

    private const DAYS_IN_A_WEEK = 7;

    /** Weeks after which an injection, and days after which an aspiration, is not asked for any more. */
    private const MOST_INJECTION_WEEKS = 52;

    private const MOST_ASPIRATION_DAYS = 3650;

    private const MOST_OPERATION_WEEKS = 3000;

    /**
     * @param  CarbonImmutable  $now  moment of the visit that begins
     * @return array<string, stdClass> payloads by section; none where no visit of this episode is signed
     */
    public static function of(Episode $episode, CarbonImmutable $now): array
    {
        $last = Examination::query()->withoutGlobalScope(StudentScope::class)->current()
            ->where('episode_id', $episode->id)->where('examined_at', '<', $now)
            ->with('sections')->orderByDesc('examined_at')->first();
        if ($last === null) {
            return [];
        }
        $days = max(0, TeamDays::ofTeam($last->team_id)->between($last->examined_at, $now));
        $history = $last->sections->firstWhere('name', SectionName::History->value)?->payload;
        $facts = $last->sections->firstWhere('name', SectionName::Episode->value)?->payload;

        return array_filter([
            SectionName::History->value => $history === null
                ? null
                : (object) array_diff_key((array) $history, array_flip(self::OF_THE_DAY)),
            SectionName::Episode->value => $facts === null ? null : self::later($facts, $days),
        ]);
    }

    private static function later(stdClass $facts, int $days): stdClass
    {
        $weeks = intdiv($days, self::DAYS_IN_A_WEEK);
        $later = clone $facts;
        foreach ([
            ['injectionWeeksAgo', $weeks, self::MOST_INJECTION_WEEKS], ['fluidDrawnDaysAgo', $days, self::MOST_ASPIRATION_DAYS],
        ] as [$key, $since, $most]) {
            if (isset($later->{$key}) && is_int($later->{$key})) {
                $later->{$key} += $since;
                if ($later->{$key} > $most) {
                    unset($later->{$key});
                }
            }
        }
        $operated = $later->operated ?? null;
        if ($operated instanceof stdClass && is_int($operated->weeksAgo ?? null)) {
            $later->operated = (object) [
                ...(array) $operated,
                'weeksAgo' => min(self::MOST_OPERATION_WEEKS, $operated->weeksAgo + $weeks),
            ];
        }

        return $later;
    }
}
