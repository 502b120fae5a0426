<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** The same name gives the same identifier in each export (RFC 9562, version 5). */
final readonly class Uuids
{
    /** Our own namespace, drawn once at random. */
    private const NAMESPACE = '5b0f3f5e6d0c4c1fa3a1c5a0f7d4e2b9';

    /**
     * @param  string  $record  what tells this examination from all others
     */
    public function __construct(private string $record)
    {
    }

    /** @param  string  $name  of one thing within the record, such as `findings[3]` */
    public function of(string $name): string
    {
        $hash = substr(sha1(hex2bin(self::NAMESPACE)."{$this->record}/{$name}"), 0, 32);
        $hash[12] = '5';
        $hash[16] = dechex((hexdec($hash[16]) & 0x3) | 0x8);

        return implode('-', [
            substr($hash, 0, 8), substr($hash, 8, 4), substr($hash, 12, 4), substr($hash, 16, 4), substr($hash, 20),
        ]);
    }
}
