<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use SensitiveParameter;

/** Under one key: XChaCha20-Poly1305 (RFC 8439 with the longer nonce), the place as its associated data. */
final readonly class Cipher implements Encrypter
{
    public const KEY_BYTES = SODIUM_CRYPTO_AEAD_XCHACHA20POLY1305_IETF_KEYBYTES;

    private const NONCE_BYTES = SODIUM_CRYPTO_AEAD_XCHACHA20POLY1305_IETF_NPUBBYTES;

    /** What is written so begins with it; a later way of encrypting begins otherwise. */
    private const BEGINS = '1.';

    /**
     * @param  string  $key  of KEY_BYTES bytes
     */
    public function __construct(#[SensitiveParameter] private string $key)
    {
    }

    public function encrypt(#[SensitiveParameter] string $plain, string $place): string
    {
        $nonce = random_bytes(self::NONCE_BYTES);

        return self::BEGINS.base64_encode(
            $nonce.sodium_crypto_aead_xchacha20poly1305_ietf_encrypt($plain, $place, $nonce, $this->key),
        );
    }

    public function decrypt(string $encrypted, string $place): string
    {
        $bytes = str_starts_with($encrypted, self::BEGINS)
            ? base64_decode(substr($encrypted, \strlen(self::BEGINS)), true)
            : false;
        if ($bytes === false || \strlen($bytes) < self::NONCE_BYTES) {
            throw DecryptionFailed::at($place);
        }
        $plain = sodium_crypto_aead_xchacha20poly1305_ietf_decrypt(
            substr($bytes, self::NONCE_BYTES),
            $place,
            substr($bytes, 0, self::NONCE_BYTES),
            $this->key,
        );

        return $plain === false ? throw DecryptionFailed::at($place) : $plain;
    }
}
