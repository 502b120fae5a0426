<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use Closure;
use DateTimeImmutable;

/**
 * A signed examination of the same episode, as far as it is carried: its findings, judged by the rules of today. They are
 * read when they are asked for: of a long episode most visits have nothing left to say.
 *
 * @internal
 */
final class EarlierVisit
{
    private ?KneeExamination $examination = null;

    /**
     * @param  string  $id  of the examination; may be empty
     * @param  int<0, max>  $daysAgo  0–36,500, counted from today's examination
     * @param  Closure(): KneeExamination  $read  its findings under today's schools, without a past of its own
     * @param  int<1, max>  $ofTheDay  which visit of that day it is, newest first
     */
    public function __construct(
        public readonly string $id,
        public readonly DateTimeImmutable $on,
        public readonly int $daysAgo,
        private readonly Closure $read,
        private readonly int $ofTheDay = 1,
    ) {
    }

    public function examination(): KneeExamination
    {
        return $this->examination ??= ($this->read)();
    }

    /**
     * @param  int<1, max>  $number
     */
    public function asVisitOfTheDay(int $number): self
    {
        return new self($this->id, $this->on, $this->daysAgo, $this->read, $number);
    }

    /** The day, and which visit of that day where there are several, such as 2026-11-05 or 2026-11-05.2. */
    public function key(): string
    {
        return $this->date().($this->ofTheDay === 1 ? '' : ".{$this->ofTheDay}");
    }

    /** The day, such as 2026-11-05. */
    public function date(): string
    {
        return $this->on->format('Y-m-d');
    }
}
