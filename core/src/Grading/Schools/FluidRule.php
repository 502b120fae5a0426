<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Findings\FluidSigns;

/**
 * A school of how much fluid a sign needs.
 *
 * @internal
 */
interface FluidRule
{
    /**
     * The highest range that applies, in ml; an open end is null. Null when no sign says anything.
     *
     * @return array{float, float|null}|null
     */
    public function millilitres(FluidSigns $signs): ?array;
}
