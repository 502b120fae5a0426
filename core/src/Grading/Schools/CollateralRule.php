<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\JointOpening;

/**
 * A school of grading how the knee opens sideways.
 *
 * @internal
 */
interface CollateralRule
{
    public function judge(JointOpening $opening): Graded;
}
