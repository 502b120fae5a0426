<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * The results that count, as far as a condition asks for them.
 *
 * @internal
 */
interface CountedResults
{
    /** Any of these signs counts as positive. */
    public function isPositive(string ...$signs): bool;

    /** Any of these signs counts as negative. */
    public function isNegative(string ...$signs): bool;
}
