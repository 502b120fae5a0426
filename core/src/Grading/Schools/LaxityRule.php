<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;

/**
 * A school of grading how far the shin glides.
 *
 * @internal
 */
interface LaxityRule
{
    public function judge(Laxity $laxity): Graded;
}
