<?php

declare(strict_types=1);

namespace App\Platform\Server;

use RuntimeException;

/** There is no room to save anything; what is stored can be read. */
final class DiskFull extends RuntimeException
{
}
