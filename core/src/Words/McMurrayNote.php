<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;
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

    public function __construct(private Bearings $bearings, private Phrases $phrases)
    {
    }

    /** Empty where nothing more was recorded. */
    public function text(): string
    {
        $parts = [];
        foreach ($this->bearings->catalogue->judgedBy(JudgeKind::McMurray) as $manoeuvre) {
            $cells = $this->bearings->knee->record($manoeuvre->id)->cells ?? [];
            $parts = [...$parts, ...array_filter(array_map($this->cell(...), $cells))];
        }

        return implode('; ', $parts);
    }

    private function cell(Cell $cell): string
    {
        $part = match (true) {
            $cell->hurtsAtDeg === null => null,
            $cell->hurtsAtDeg >= self::REAR_FROM_DEG => 'rear',
            $cell->hurtsAtDeg >= self::MIDDLE_FROM_DEG => 'middle',
            default => 'front',
        };
        $felt = array_values(array_filter([
            $part === null ? null : new Sentence("mcmurray.hurts.{$part}", ['angle' => $cell->hurtsAtDeg ?? 0]),
            $cell->blocks ? new Sentence('mcmurray.blocks') : null,
            $cell->givesWay ? new Sentence('mcmurray.gives_way') : null,
            $cell->axial ? new Sentence('mcmurray.axial') : null,
        ]));

        return $felt === [] ? '' : $this->phrases->words(new Sentence(
            $cell->rotation === 'none' ? 'mcmurray.not_turned' : 'mcmurray.turned',
            ['rotation' => $cell->rotation, 'stress' => $cell->stress, 'felt' => $felt],
        ));
    }
}
