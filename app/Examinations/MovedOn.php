<?php

declare(strict_types=1);

namespace App\Examinations;

use RuntimeException;

/** Something was changed after whoever wants to sign last saw it. */
final class MovedOn extends RuntimeException
{
}
