<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

use Closure;
use GrayCompass\Core\Findings\Examination;

/**
 * Something known of the athlete or told of the injury, before any finding.
 *
 * @internal
 */
final readonly class OfStory implements Condition
{
    /**
     * @param  Closure(Examination): bool  $test
     */
    public function __construct(private Closure $test)
    {
    }

    public function since(Seen $seen): ?int
    {
        return ($this->test)($seen->knee->examination) ? -1 : null;
    }
}
