<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Findings\FluidSigns;

/**
 * The tap is held to show less fluid than the sweep.
 *
 * @internal
 */
final class TapFirst implements FluidRule
{
    public function millilitres(FluidSigns $signs): ?array
    {
        $sweep = $signs->sweep ?? 0;

        return match (true) {
            $sweep >= 3 && $signs->taps === true => [25.0, null],
            $sweep >= 2 => [5.0, 25.0],
            $signs->crosses === true => [5.0, null],
            $signs->taps === true => [3.0, 5.0],
            $signs->sweep === 1 => [2.0, 3.0],
            $signs->sweep === 0 => [0.0, 2.0],
            default => null,
        };
    }
}
