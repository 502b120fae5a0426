<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Grading\Values\CellSide;
use GrayCompass\Core\Knee\Aspect;

/**
 * Outward rotation loads the medial meniscus, inward the lateral.
 *
 * @internal
 */
final class SideByRotation implements CellSide
{
    public function of(Cell $cell): ?Aspect
    {
        return $cell->loadedByRotation();
    }
}
