<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use RuntimeException;

/** Something sealed does not open: another key, another place, or not as it was written. */
final class DecryptionFailed extends RuntimeException
{
    public static function at(string $place): self
    {
        return new self("What is sealed at {$place} does not open.");
    }

    public static function keyOf(string $athlete): self
    {
        return new self("There is no key for the athlete {$athlete}.");
    }
}
