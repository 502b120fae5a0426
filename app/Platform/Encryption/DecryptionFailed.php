<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use RuntimeException;

/** Something encrypted cannot be decrypted: another key, another place, or not as it was written. */
final class DecryptionFailed extends RuntimeException
{
    public static function at(string $place): self
    {
        return new self("What is encrypted at {$place} cannot be decrypted.");
    }

    public static function keyOf(string $athlete): self
    {
        return new self("There is no key for the athlete {$athlete}.");
    }
}
