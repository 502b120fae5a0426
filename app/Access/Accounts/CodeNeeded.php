<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use RuntimeException;

/** The password was right; the code of the second factor is still missing. */
final class CodeNeeded extends RuntimeException
{
}
