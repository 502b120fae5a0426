<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * A person or team that several bundles speak of: the same resource in each.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Party
{
    public string $uuid;

    /**
     * @param  string  $record  ULID of the person or team
     * @param  Element  $body  of the resource, without type and id
     */
    public function __construct(string $record, public array $body)
    {
        $this->uuid = Uuids::ofUlid($record);
    }

    /** @return array{reference: string} */
    public function reference(): array
    {
        return ['reference' => "urn:uuid:{$this->uuid}"];
    }
}
