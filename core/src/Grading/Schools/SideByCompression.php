<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Grading\Values\CellSide;
use GrayCompass\Core\Knee\Aspect;

/**
 * Varus squeezes the medial meniscus, valgus the lateral.
 *
 * @internal
 */
final class SideByCompression implements CellSide
{
    public function of(Cell $cell): Aspect
    {
        return $cell->loadedByCompression();
    }
}
