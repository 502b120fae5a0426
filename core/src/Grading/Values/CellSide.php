<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Knee\Aspect;

/**
 * A school of giving a positive rotated bend to one meniscus; null where it gives it to neither.
 *
 * @internal
 */
interface CellSide
{
    public function of(Cell $cell): ?Aspect;
}
