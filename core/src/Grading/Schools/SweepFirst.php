<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Findings\FluidSigns;

/**
 * A small amount can be stroked across long before it floats the kneecap.
 *
 * @internal
 */
final class SweepFirst implements FluidRule
{
    public function millilitres(FluidSigns $signs): ?array
    {
        return match (true) {
            $signs->sweep === 4 => [50.0, null],
            $signs->sweep === 3, $signs->taps === true => [25.0, 50.0],
            $signs->sweep === 2 => [5.0, 25.0],
            $signs->crosses === true => [5.0, null],
            $signs->sweep === 1 => [3.0, 5.0],
            $signs->sweep === 0 => [0.0, 2.0],
            default => null,
        };
    }
}
