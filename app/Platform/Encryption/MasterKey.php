<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Contracts\Config\Repository;

/** The master key: encrypts with the one at hand, decrypts with those before it too. */
final readonly class MasterKey implements Encrypter
{
    /** Keeps this use of the key apart from what the framework does with it. */
    private const PURPOSE = 'gray-compass records';

    private Cipher $own;

    /** @var list<Cipher> */
    private array $earlier;

    public function __construct(Repository $config)
    {
        $this->own = self::cipher($config->string('app.key'));
        $this->earlier = array_map(self::cipher(...), array_values(array_filter(
            $config->array('app.previous_keys'),
            static fn (mixed $key): bool => is_string($key) && $key !== '',
        )));
    }

    public function encrypt(string $plain, string $place): string
    {
        return $this->own->encrypt($plain, $place);
    }

    public function decrypt(string $encrypted, string $place): string
    {
        foreach ([$this->own, ...$this->earlier] as $cipher) {
            try {
                return $cipher->decrypt($encrypted, $place);
            } catch (DecryptionFailed) {
                continue;
            }
        }
        throw DecryptionFailed::at($place);
    }

    /** Whether it was encrypted with the key at hand. */
    public function isNew(string $encrypted, string $place): bool
    {
        try {
            $this->own->decrypt($encrypted, $place);

            return true;
        } catch (DecryptionFailed) {
            return false;
        }
    }

    private static function cipher(string $key): Cipher
    {
        $bytes = str_starts_with($key, 'base64:') ? (string) base64_decode(substr($key, 7), true) : $key;

        return new Cipher(hash_hkdf('sha256', $bytes, Cipher::KEY_BYTES, self::PURPOSE));
    }
}
