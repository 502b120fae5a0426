<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Safety\HoldKind;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Wire\SafetyWriter;

/** The holds that followed from the last save, kept so that the next one need not be judged twice. */
final class KnownHolds
{
    /**
     * @return array{basis: string, holds: array<string, array{kind: string, rule?: string, mayOverride: bool, correctable?: bool}>}
     */
    public static function write(Assessment $assessment): array
    {
        return [
            'basis' => self::basis($assessment),
            'holds' => array_map(SafetyWriter::hold(...), $assessment->bearings->holds->byManoeuvre),
        ];
    }

    /** Rules and figures that an assessment was made with. */
    public static function basis(Assessment $assessment): string
    {
        return Assessment::RULES." {$assessment->figures->digest}";
    }

    /**
     * @param  string  $basis  rules and figures that hold today
     * @return array<string, Hold>|null by manoeuvre; null when they were made with other rules or figures, or never
     */
    public static function read(Examination $examination, string $basis): ?array
    {
        if (($examination->holds['basis'] ?? null) !== $basis) {
            return null;
        }

        return array_map(static fn (array $hold): Hold => new Hold(
            HoldKind::from($hold['kind']),
            isset($hold['rule']) ? SafetyRule::from($hold['rule']) : null,
            $hold['mayOverride'],
            correctable: $hold['correctable'] ?? false,
        ), $examination->holds['holds'] ?? []);
    }
}
