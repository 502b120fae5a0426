<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use DateTimeImmutable;
use GrayCompass\Core\Knee\Condition;

/** What one reference showed of this knee: a scan, a look inside, or the course. */
final readonly class KnownResult
{
    /**
     * @param  int<0, max>  $daysAgo  0–36,500
     * @param  bool  $before  it belongs to an earlier episode of the same knee
     * @param  array<string, bool>  $results  whether the injury was present, by condition; what was not looked at is absent
     * @param  string  $grade  as reported; may be empty
     * @param  string  $report  in the words of the report; may be empty
     */
    public function __construct(
        public KnownBy $by,
        public DateTimeImmutable $on,
        public int $daysAgo,
        public bool $before,
        public array $results,
        public string $grade = '',
        public Treatment $treated = Treatment::None,
        public string $report = '',
    ) {
    }

    /** Null: not looked at. */
    public function shows(Condition $condition): ?bool
    {
        return $this->results[$condition->value] ?? null;
    }

    /** The injury was present, and something was done to it. */
    public function treats(Condition $condition): bool
    {
        return $this->treated !== Treatment::None && $this->shows($condition) === true;
    }

    /** Whether the joint was operated on, rather than looked at. */
    public function isOperation(): bool
    {
        return $this->by === KnownBy::Operation || $this->treated !== Treatment::None;
    }
}
