<?php

declare(strict_types=1);

namespace App\Examinations;

/**
 * A signed assessment is shown as it was signed. What later rules have added was not said then, and is
 * filled with nothing, so that every screen can read it.
 */
final class AsSigned
{
    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    public static function read(array $payload): array
    {
        $isOlder = ! isset($payload['safety']['holds']);
        foreach (['holds', 'blockedBy'] as $map) {
            $payload['safety'][$map] = (object) ($payload['safety'][$map] ?? []);
        }

        return $isOlder ? self::filled($payload) : $payload;
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private static function filled(array $payload): array
    {
        $each = static fn (string $key, callable $fill): array => array_map($fill, $payload[$key]);
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
            'measurements' => $each('measurements', static fn (array $m): array => $m + ['level' => null]),
            'results' => $each('results', static fn (array $r): array => $r + ['level' => null, 'againstRule' => null]),
            'trace' => $each('trace', static fn (array $step): array => $step + ['level' => null]),
            'conditions' => $each('conditions', static fn (array $verdict): array => $verdict + [
                'bare' => $verdict['zone'] === 'untested' ? 'ruled_out' : $verdict['zone'], 'raised' => false, 'seriousness' => 1,
            ]),
            'route' => $payload['route'] + ['tooShort' => false, 'core' => []],
            'plan' => [
                'sendOn' => array_map(static fn (array $referral): array => $referral + ['question' => ''], $payload['plan']['sendOn']),
                'support' => $payload['plan']['support'] + ['range' => ''],
                'lookAgain' => $again === null ? null : $again + ['after' => null, 'hours' => '', 'say' => "In {$again['from']} to {$again['to']} days."],
            ] + $payload['plan'] + [
                'availability' => ['status' => $payload['plan']['play'] === 'stop' ? 'out' : 'modified', 'notThis' => [], 'thisYes' => []],
                'advice' => ['weight' => null, 'knee' => '', 'bend' => null, 'drive' => null, 'say' => []],
                'matters' => [],
                'afterOperation' => '',
            ],
        ];
    }
}
