<?php

declare(strict_types=1);

namespace App\Platform\Database;

use RuntimeException;

/** Another person is changing the same row, and has been for a second; or enough wait for it already. */
final class RowHeld extends RuntimeException
{
}
