<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use OutOfBoundsException;

/** All manoeuvres, in the order of the route's stations and of the data file. */
final readonly class Catalogue
{
    /** @var array<string, Manoeuvre> */
    private array $byId;

    /**
     * @param  list<Manoeuvre>  $manoeuvres
     */
    public function __construct(public array $manoeuvres)
    {
        $byId = [];
        foreach ($manoeuvres as $manoeuvre) {
            $byId[$manoeuvre->id] = $manoeuvre;
        }
        $this->byId = $byId;
    }

    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    /** @throws OutOfBoundsException when there is no such manoeuvre */
    public function get(string $id): Manoeuvre
    {
        return $this->byId[$id] ?? throw new OutOfBoundsException("There is no manoeuvre {$id}.");
    }

    /**
     * @return list<Manoeuvre> in the order of the catalogue
     */
    public function with(ManoeuvreTrait $trait): array
    {
        return array_values(array_filter(
            $this->manoeuvres,
            static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->has($trait),
        ));
    }

    /**
     * @return list<Manoeuvre> in the order of the catalogue
     */
    public function judgedBy(JudgeKind $kind): array
    {
        return array_values(array_filter(
            $this->manoeuvres,
            static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->judgedBy?->kind === $kind,
        ));
    }

    /** The first manoeuvre that can give a finding, or null for one that comes from the story. */
    public function feeding(string $finding): ?Manoeuvre
    {
        foreach ($this->manoeuvres as $manoeuvre) {
            if (\in_array($finding, $manoeuvre->feeds, true)) {
                return $manoeuvre;
            }
        }

        return null;
    }
}
