<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use Closure;
use GrayCompass\Core\Examination\KneeExamination;

/**
 * Something known of the athlete or told of the injury, before any finding.
 *
 * @internal
 */
final readonly class OfStory implements FactCondition
{
    /**
     * @param  Closure(KneeExamination): bool  $test
     */
    public function __construct(private Closure $test)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        return ($this->test)($seen->knee->examination) ? -1 : null;
    }
}
