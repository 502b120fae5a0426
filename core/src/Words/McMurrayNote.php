<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What the McMurray felt like beyond its result: the bend at which it hurt, with the part that this speaks for, and how
 * it ended. The parts are working estimates.
 *
 * @internal
 */
final readonly class McMurrayNote
{
    private const REAR_FROM_DEG = 120;

    private const MIDDLE_FROM_DEG = 60;

    public function __construct(private Bearings $bearings)
    {
    }

    /** Empty where nothing more was recorded. */
    public function text(): string
    {
        $parts = [];
        foreach ($this->bearings->catalogue->judgedBy(JudgeKind::McMurray) as $manoeuvre) {
            $cells = $this->bearings->knee->record($manoeuvre->id)->cells ?? [];
            $parts = [...$parts, ...array_filter(array_map(self::cell(...), $cells))];
        }

        return implode('; ', $parts);
    }

    private static function cell(Cell $cell): string
    {
        $part = match (true) {
            $cell->hurtsAtDeg === null => '',
            $cell->hurtsAtDeg >= self::REAR_FROM_DEG => 'rear part',
            $cell->hurtsAtDeg >= self::MIDDLE_FROM_DEG => 'middle part',
            default => 'front part',
        };
        $parts = array_filter([
            $part === '' ? '' : "hurts at {$cell->hurtsAtDeg}° ({$part})",
            $cell->blocks ? 'blocks' : '',
            $cell->givesWay ? 'gives way' : '',
            $cell->axial ? 'pressed along the shin' : '',
        ]);
        $turned = $cell->rotation === 'none' ? 'not turned' : "turned {$cell->rotation}";

        return $parts === [] ? '' : "{$turned} in {$cell->stress}: ".implode(', ', $parts);
    }
}
