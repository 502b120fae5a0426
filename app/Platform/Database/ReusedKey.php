<?php

declare(strict_types=1);

namespace App\Platform\Database;

use RuntimeException;

/** A key stands for one request by one person: other content under the same key is a mistake of the sender. */
final class ReusedKey extends RuntimeException
{
    public static function forSave(): self
    {
        return new self('The key was used for another save.');
    }

    public static function forRequest(): self
    {
        return new self('The key was used for another request.');
    }
}
