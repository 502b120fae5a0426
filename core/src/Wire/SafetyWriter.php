<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Examination\PulseCheck;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;

/** Gate, lines and holds as part of the document that crosses the wire. */
final class SafetyWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Bearings $bearings): array
    {
        $byRule = $bearings->holds->byRule();

        return [
            'gateOpen' => $bearings->gate->open,
            'questions' => array_map(
                static fn (SafetyKey $key): string => $key->value,
                SafetyGate::questions($bearings->examination),
            ),
            'unasked' => array_map(static fn (SafetyKey $key): string => $key->value, $bearings->gate->unasked),
            'ageMissing' => $bearings->gate->ageIsMissing,
            'dayMissing' => $bearings->examination->dayIsMissing,
            'lines' => array_map(static fn (SafetyLine $line): array => [
                'rule' => $line->rule->value, 'urgency' => $line->urgency?->value, 'say' => $line->sheet->say,
            ], $bearings->gate->lines),
            'holds' => (object) array_map(self::hold(...), $bearings->holds->byManoeuvre),
            'blocked' => array_keys($byRule),
            'blockedBy' => (object) array_map(static fn (SafetyRule $rule): string => $rule->value, $byRule),
            'pulse' => [
                'everyMinutes' => PulseCheck::EVERY_MINUTES,
                'missingOnce' => $bearings->examination->pulseWasMissing(),
                'checks' => array_map(
                    static fn (PulseCheck $check): array => get_object_vars($check),
                    $bearings->examination->pulseChecks,
                ),
            ],
        ];
    }

    /**
     * @return array{kind: string, rule?: string, mayOverride: bool, correctable?: bool}
     */
    public static function hold(Hold $hold): array
    {
        return array_filter([
            'kind' => $hold->kind->value,
            'rule' => $hold->rule?->value,
            'mayOverride' => $hold->mayOverride,
            'correctable' => $hold->correctable ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
