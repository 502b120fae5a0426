<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use RuntimeException;

/** It is long since someone showed who they are; they may go on with their password. */
final class PasswordNeeded extends RuntimeException
{
}
