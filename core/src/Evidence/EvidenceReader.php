<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;

/**
 * Reads one line of data/evidence.csv.
 *
 * @internal
 */
final class EvidenceReader
{
    /**
     * @param  array<string, string>  $line  by column
     */
    public static function row(array $line): EvidenceRow
    {
        return new EvidenceRow(
            $line['finding'],
            Condition::from($line['target']),
            $line['phase'] === 'any' ? null : Phase::from($line['phase']),
            (float) $line['sensitivity'],
            [(float) $line['sens_low'], (float) $line['sens_high']],
            (float) $line['specificity'],
            [(float) $line['spec_low'], (float) $line['spec_high']],
            $line['set'],
            Quality::from($line['grade']),
            $line['source'],
            $line['note'],
        );
    }
}
