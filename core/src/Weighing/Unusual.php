<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

use RuntimeException;

/**
 * Something in an input wants a closer look.
 *
 * @internal between {@see SoundProblem} and itself
 */
final class Unusual extends RuntimeException
{
}
