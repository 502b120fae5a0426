<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use Symfony\Component\Uid\Ulid;
use Symfony\Component\Uid\Uuid;

/** The same name gives the same identifier in each export (RFC 9562, version 5). */
final readonly class Uuids
{
    /** Our own namespace, drawn once at random. */
    private const NAMESPACE = '5b0f3f5e-6d0c-4c1f-a3a1-c5a0f7d4e2b9';

    /** Of any version: a ULID has none. */
    private const UUID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/Di';

    /**
     * @param  string  $record  what tells this examination from all others
     */
    public function __construct(private string $record)
    {
    }

    /** @param  string  $name  of one thing within the record, such as `findings[3]` */
    public function of(string $name): string
    {
        return Uuid::v5(Uuid::fromString(self::NAMESPACE), "{$this->record}/{$name}")->toRfc4122();
    }

    /** The same 128 bits as a ULID, written as a UUID. */
    public static function ofUlid(string $ulid): string
    {
        return Ulid::fromString(strtoupper($ulid))->toRfc4122();
    }

    /** The ULID with the same 128 bits, in small letters; null where the text is no UUID. */
    public static function toUlid(string $uuid): ?string
    {
        return preg_match(self::UUID, $uuid) === 1 ? strtolower(Ulid::fromString($uuid)->toBase32()) : null;
    }
}
