<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use RuntimeException;

/** A signed examination never changes. */
final class AlreadySigned extends RuntimeException
{
}
