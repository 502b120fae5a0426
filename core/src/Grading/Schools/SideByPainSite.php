<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Grading\Values\CellSide;
use GrayCompass\Core\Knee\Aspect;

/**
 * The athlete, and the finger on the joint line, know best; where nobody said, the rotation decides.
 *
 * @internal
 */
final class SideByPainSite implements CellSide
{
    public function of(Cell $cell): ?Aspect
    {
        return Aspect::tryFrom($cell->namedSite() ?? '') ?? $cell->loadedByRotation();
    }
}
