<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Cell;
use GrayCompass\Core\Knee\Aspect;

/** Varus squeezes the medial meniscus, valgus the lateral. */
final class SideByCompression implements CellSide
{
    public function of(Cell $cell): Aspect
    {
        return $cell->loadedByCompression();
    }
}
