<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Cell;
use GrayCompass\Core\Knee\Aspect;

/** Outward rotation loads the medial meniscus, inward the lateral. */
final class SideByRotation implements CellSide
{
    public function of(Cell $cell): ?Aspect
    {
        return $cell->loadedByRotation();
    }
}
