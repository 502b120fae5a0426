<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Record;

/** What one measurement on the hurt knee says for one finding. */
final class Reading
{
    /**
     * @param  Record|null  $record  where it comes from; null for the story
     * @param  Exclusion|null  $flaw  a reason against it that the grading itself found
     * @param  int|null  $grade  0–3 of the ligament, where it is graded
     */
    public function __construct(
        public readonly string $finding,
        public readonly ?Record $record,
        public readonly Sign $sign,
        public readonly ?Exclusion $flaw = null,
        public readonly ?int $grade = null,
    ) {
    }

    public function manoeuvre(): string
    {
        return $this->record === null ? 'history' : $this->record->manoeuvre->id;
    }
}
