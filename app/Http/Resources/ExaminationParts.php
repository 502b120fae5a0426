<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Examination;
use App\Models\Finding;
use App\Models\Section;

/** The stored parts of an examination, each with its version. */
final class ExaminationParts
{
    /**
     * @return array{sections: list<array<string, mixed>>, findings: list<array<string, mixed>>}
     */
    public static function all(Examination $examination): array
    {
        return [
            'sections' => array_values($examination->sections->map(self::section(...))->all()),
            'findings' => array_values($examination->findings->map(self::finding(...))->all()),
        ];
    }

    /**
     * @return array<string, mixed>|null null for a part that is not there
     */
    public static function one(Examination $examination, string $part): ?array
    {
        [$name, $side] = explode(':', $part) + [1 => null];
        if ($side === null) {
            $section = $examination->sections()->where('name', $name)->first();

            return $section === null ? null : self::section($section);
        }
        $finding = $examination->findings()->where('manoeuvre', $name)->where('side', $side)->first();

        return $finding === null ? null : self::finding($finding);
    }

    /**
     * @return array<string, mixed>
     */
    private static function section(Section $section): array
    {
        return ['name' => $section->name, 'version' => $section->version, 'payload' => $section->payload];
    }

    /**
     * @return array<string, mixed>
     */
    private static function finding(Finding $finding): array
    {
        return [
            'manoeuvre' => $finding->manoeuvre,
            'side' => $finding->side,
            'version' => $finding->version,
            'payload' => $finding->payload,
            'beforeGate' => $finding->before_gate,
        ];
    }
}
