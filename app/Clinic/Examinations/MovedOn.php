<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use RuntimeException;

/** Something was changed after whoever wants to sign last saw it. */
final class MovedOn extends RuntimeException
{
}
