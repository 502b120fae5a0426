<?php

declare(strict_types=1);

namespace App\Trust\Backup;

use RuntimeException;

/**
 * Encrypts a stream with a passphrase, piece by piece, and decrypts it: Argon2id derives the key, XChaCha20-Poly1305
 * encrypts, so that a wrong passphrase, a changed byte or a missing end is noticed before anything of it is used.
 */
final readonly class BackupCipher
{
    private const MARK = "gray-compass backup 1\n";

    private const PIECE = 65_536;

    public const LEAST_PASSPHRASE = 12;

    /** @param  string  $passphrase  12 letters or more */
    public function __construct(#[\SensitiveParameter] private string $passphrase)
    {
        if (mb_strlen($passphrase) < self::LEAST_PASSPHRASE) {
            throw new RuntimeException('The passphrase needs '.self::LEAST_PASSPHRASE.' letters or more.');
        }
    }

    /**
     * @param  resource  $from
     * @param  resource  $to
     */
    public function encrypt($from, $to): void
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
        /** @var array{string, string} $begun */
        $begun = sodium_crypto_secretstream_xchacha20poly1305_init_push($this->key($salt));
        [$state, $header] = $begun;
        fwrite($to, self::MARK.$salt.$header);
        do {
            $piece = (string) stream_get_contents($from, self::PIECE);
            $tag = feof($from)
                ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
            $encrypted = sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $tag);
            fwrite($to, pack('N', \strlen($encrypted)).$encrypted);
        } while (! feof($from));
    }

    /**
     * @param  resource  $from
     * @param  resource  $to
     *
     * @throws RuntimeException where it is no backup, the passphrase is another one, or something of it is changed or gone
     */
    public function decrypt($from, $to): void
    {
        if (fread($from, \strlen(self::MARK)) !== self::MARK) {
            throw new RuntimeException('This is no backup of Gray Compass.');
        }
        $key = $this->key((string) fread($from, SODIUM_CRYPTO_PWHASH_SALTBYTES));
        $header = (string) fread($from, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $key);
        do {
            $length = unpack('N', str_pad((string) stream_get_contents($from, 4), 4, "\0"))[1] ?? 0;
            $encrypted = \is_int($length) && $length > 0 && $length <= 2 * self::PIECE
                ? (string) stream_get_contents($from, $length)
                : '';
            $opened = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $encrypted);
            if (! \is_array($opened)) {
                throw new RuntimeException('The passphrase is another one, or the backup was changed or cut off.');
            }
            /** @var array{string, int} $opened */
            [$piece, $tag] = $opened;
            fwrite($to, $piece);
        } while ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
    }

    private function key(string $salt): string
    {
        return sodium_crypto_pwhash(
            SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
            $this->passphrase,
            $salt,
            SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE,
            SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE,
            SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );
    }
}
