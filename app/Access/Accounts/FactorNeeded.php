<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use RuntimeException;

/** The team wants everybody to have a second factor, and this person has none yet. */
final class FactorNeeded extends RuntimeException
{
}
