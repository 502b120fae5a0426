<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

/** Encrypts text so that only the holder of a key reads it, and only in the place it was encrypted for. */
interface Encrypter
{
    /**
     * @param  string  $place  `table.column.id`: moved anywhere else, it does not open
     */
    public function encrypt(string $plain, string $place): string;

    /** @throws DecryptionFailed where the key is another, the text was changed, or it stands in another place */
    public function decrypt(string $encrypted, string $place): string;
}
