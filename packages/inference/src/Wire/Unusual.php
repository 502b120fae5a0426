<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use RuntimeException;

/**
 * Something in an input wants a closer look.
 *
 * @internal between {@see SoundProblem} and itself
 */
final class Unusual extends RuntimeException
{
}
