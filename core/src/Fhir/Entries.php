<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * The resources of one bundle, in the order in which they were added.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final class Entries
{
    /** @var list<array{fullUrl: string, resource: Element}> */
    private array $entries = [];

    public function __construct(private readonly Uuids $uuids)
    {
    }

    /** How a resource of this name is referred to, also before it is added. */
    public function urn(string $name): string
    {
        return 'urn:uuid:'.$this->uuids->of($name);
    }

    /** @return array{reference: string} */
    public function reference(string $name): array
    {
        return ['reference' => $this->urn($name)];
    }

    /**
     * @param  string  $name  of the resource within its record
     * @param  Element  $body  without type and id
     * @return array{reference: string}
     */
    public function add(string $type, string $name, array $body): array
    {
        $this->entries[] = [
            'fullUrl' => $this->urn($name),
            'resource' => ['resourceType' => $type, 'id' => $this->uuids->of($name), ...$body],
        ];

        return $this->reference($name);
    }

    /** @return array{reference: string} */
    public function addParty(string $type, Party $party): array
    {
        $this->entries[] = [
            'fullUrl' => $party->reference()['reference'],
            'resource' => ['resourceType' => $type, 'id' => $party->uuid, ...$party->body],
        ];

        return $party->reference();
    }

    /** @return array{reference: string} */
    public function addOnce(string $type, Party $party): array
    {
        $isThere = \in_array($party->reference()['reference'], array_column($this->entries, 'fullUrl'), true);

        return $isThere ? $party->reference() : $this->addParty($type, $party);
    }

    /** @return list<array{fullUrl: string, resource: Element}> */
    public function all(): array
    {
        return $this->entries;
    }
}
