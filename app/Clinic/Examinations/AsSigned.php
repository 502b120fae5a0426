<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use GrayCompass\Core\Grading\Values\ComparedWith;
use GrayCompass\Core\Verdict\ConditionZone;

/**
 * A signed assessment is shown as it was signed. What later rules have added was not said then, and is
 * filled with nothing, so that every screen can read it.
 *
 * @phpstan-type Rows list<array<string, mixed>>
 * @phpstan-type Snapshot array{
 *     safety: array<string, mixed>, measurements: Rows, results: Rows, excluded: Rows, trace: Rows, conditions: Rows,
 *     route: array<string, mixed>,
 *     plan: array{
 *         sendOn: Rows, support: array<string, mixed>, play: string,
 *         lookAgain: array{from: int|null, to: int|null}|null, availability?: array<string, mixed>, ...
 *     }
 * }
 */
final class AsSigned
{
    /** A reason of earlier rules that kept a painful, firm collateral from counting, though not from its grade. */
    private const COUNTED_ALL_THE_SAME = 'grade_one_is_firm';

    /**
     * @param  array<string, mixed>  $payload  as it was written when it was signed
     * @return array<string, mixed>
     */
    public static function read(array $payload): array
    {
        /** @var Snapshot $payload */
        $isOlder = ! isset($payload['safety']['holds']);
        foreach (['holds', 'blockedBy'] as $map) {
            $payload['safety'][$map] = (object) ($payload['safety'][$map] ?? []);
        }

        $payload['measurements'] = self::counted($payload);
        $payload['safety'] += ['dayMissing' => false];
        $payload += ['abnormal' => [], 'known' => []];
        $payload['results'] = array_map(
            static fn (array $result): array => $result + ['carriedFrom' => null],
            $payload['results'],
        );
        $payload['conditions'] = array_map(
            static fn (array $condition): array => $condition
                + ['known' => null, 'tellsChance' => self::tellsChance($condition)],
            $payload['conditions'],
        );

        $payload = self::withoutCodes($payload);

        return $isOlder ? self::filled($payload) : $payload;
    }

    /**
     * @param  array<string, mixed>  $condition
     */
    private static function tellsChance(array $condition): bool
    {
        return \is_string($condition['zone']) && ConditionZone::from($condition['zone'])->tellsChance();
    }

    /**
     * Words stood alone before each had a code beside it.
     *
     * @param  Snapshot  $payload
     * @return Snapshot
     */
    private static function withoutCodes(array $payload): array
    {
        $payload['plan']['sendOn'] = array_map(
            static fn (array $referral): array => $referral + ['code' => null],
            $payload['plan']['sendOn'],
        );
        if (isset($payload['plan']['availability'])) {
            $payload['plan']['availability'] += ['activities' => []];
        }
        $payload['plan'] += ['words' => ['athlete' => [], 'coach' => [], 'letter' => [], 'afterOperation' => []]];

        return $payload;
    }

    /**
     * Whether a figure counts stood in the reasons alone, before it was written beside it.
     *
     * @param  Snapshot  $payload
     * @return Rows
     */
    private static function counted(array $payload): array
    {
        $struck = array_column(array_filter(
            $payload['excluded'],
            static fn (array $one): bool => $one['code'] !== self::COUNTED_ALL_THE_SAME,
        ), 'manoeuvre');

        return array_map(
            static fn (array $m): array => $m + [
                'counts' => ! \in_array($m['manoeuvre'], $struck, true),
                // Before baselines there was the other knee alone.
                'comparedWith' => isset($m['difference']) ? ComparedWith::Other->value : null,
            ],
            $payload['measurements'],
        );
    }

    /**
     * @param  Snapshot  $payload
     * @return array<string, mixed>
     */
    private static function filled(array $payload): array
    {
        $again = $payload['plan']['lookAgain'];

        return [
            ...$payload,
            'setting' => '',
            'nothingChanges' => false,
            'earlierFinding' => [],
            'safety' => $payload['safety'] + [
                'questions' => [], 'unasked' => [], 'ageMissing' => false,
                'pulse' => ['everyMinutes' => 15, 'missingOnce' => false, 'checks' => []],
            ],
            'measurements' => array_map(
                static fn (array $m): array => $m + ['level' => null],
                $payload['measurements'],
            ),
            'results' => array_map(
                static fn (array $r): array => $r + ['level' => null, 'againstRule' => null],
                $payload['results'],
            ),
            'trace' => array_map(static fn (array $step): array => $step + ['level' => null], $payload['trace']),
            'conditions' => array_map(static fn (array $verdict): array => $verdict + [
                'bare' => $verdict['zone'] === 'untested'
                    ? 'ruled_out'
                    : $verdict['zone'], 'raised' => false, 'seriousness' => 1,
            ], $payload['conditions']),
            'route' => $payload['route'] + ['tooShort' => false, 'core' => []],
            'plan' => [
                'sendOn' => array_map(
                    static fn (array $referral): array => $referral + ['question' => ''],
                    $payload['plan']['sendOn'],
                ),
                'support' => $payload['plan']['support'] + ['range' => ''],
                'lookAgain' => $again === null
                    ? null
                    : $again + ['after' => null, 'hours' => '', 'say' => "In {$again['from']} to {$again['to']} days."],
            ] + $payload['plan'] + [
                'availability' => [
                    'status' => $payload['plan']['play'] === 'stop' ? 'out' : 'modified',
                    'notThis' => [],
                    'thisYes' => [],
                    'activities' => [],
                ],
                'advice' => ['weight' => null, 'knee' => '', 'bend' => null, 'drive' => null, 'say' => []],
                'matters' => [],
                'afterOperation' => '',
            ],
        ];
    }
}
