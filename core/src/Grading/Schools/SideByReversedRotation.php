<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Grading\Values\CellSide;
use GrayCompass\Core\Knee\Aspect;

/**
 * The opposite of the usual teaching on rotation; taught by some, and marked as such.
 *
 * @internal
 */
final class SideByReversedRotation implements CellSide
{
    public function of(Cell $cell): ?Aspect
    {
        return $cell->loadedByRotation()?->opposite();
    }
}
