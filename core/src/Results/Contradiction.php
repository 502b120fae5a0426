<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

/**
 * A laxity sign that was positive at one visit and negative at another. A torn ligament does not mend in a week, and a
 * guarded knee hides it: neither result is dropped.
 *
 * @internal
 */
final readonly class Contradiction
{
    public function __construct(public SettledResult $positive, public SettledResult $negative)
    {
    }

    public function sign(): string
    {
        return $this->positive->reading->sign;
    }

    /**
     * @return array{SettledResult, SettledResult} the older one first
     */
    public function inOrder(): array
    {
        $isOlder = ($this->positive->visit->daysAgo ?? -1) > ($this->negative->visit->daysAgo ?? -1);

        return $isOlder ? [$this->positive, $this->negative] : [$this->negative, $this->positive];
    }
}
