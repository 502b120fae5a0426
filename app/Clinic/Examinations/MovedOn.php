<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use RuntimeException;

/** Something was changed after the person who signs last saw it. */
final class MovedOn extends RuntimeException
{
}
