<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use RuntimeException;

/** A student would change or take back what another person entered. */
final class EnteredByAnother extends RuntimeException
{
}
