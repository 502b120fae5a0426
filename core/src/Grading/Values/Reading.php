<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Level;

/**
 * What one measurement on the hurt knee says for one sign.
 *
 * @internal
 */
final readonly class Reading
{
    /** What an answer of the history has in place of a manoeuvre. */
    public const HISTORY = 'history';

    /**
     * @param  Record|null  $record  where it comes from; null for the story
     * @param  Exclusion|null  $flaw  a reason against it that the grading itself found
     * @param  int<0, 3>|null  $grade  0–3 of the ligament, where it is graded
     * @param  Level|null  $level  how far a positive went, where the sign has levels
     * @param  bool  $provisional  judged without the other knee
     * @param  float|null  $opened  at least so many mm more than the other knee, where that is known
     * @param  bool  $halfWeight  a negative taken at an angle between two tests
     * @param  bool  $borrowed  given by a manoeuvre that is not this sign's own: another counts first
     */
    public function __construct(
        public string $sign,
        public ?Record $record,
        public Outcome $outcome,
        public ?Exclusion $flaw = null,
        public ?int $grade = null,
        public ?Level $level = null,
        public bool $provisional = false,
        public ?float $opened = null,
        public bool $borrowed = false,
        public bool $halfWeight = false,
    ) {
    }

    public function manoeuvre(): string
    {
        return $this->record === null ? self::HISTORY : $this->record->manoeuvre->id;
    }
}
