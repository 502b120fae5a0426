<?php

declare(strict_types=1);

namespace App\Access\Accounts;

/** What a mailed link carries: told once, and kept only as a hash. */
final readonly class Token
{
    private const BYTES = 32;

    private function __construct(public string $secret)
    {
    }

    public static function make(): self
    {
        return new self(rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '='));
    }

    public static function from(string $secret): self
    {
        return new self($secret);
    }

    /** SHA-256 is enough: nobody guesses 256 bits. */
    public function hash(): string
    {
        return hash('sha256', $this->secret);
    }
}
