<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Condition;
use OutOfBoundsException;

/** The routes that may be chosen, the preset first. */
final readonly class Routes
{
    /**
     * @param  non-empty-list<Route>  $all
     */
    public function __construct(public array $all)
    {
    }

    /**
     * @param  non-empty-list<array{id: string, label: string, says: string, takes: string, at?: list<string>}>  $data
     */
    public static function read(array $data): self
    {
        return new self(array_map(static fn (array $route): Route => new Route(
            $route['id'],
            $route['label'],
            $route['says'],
            RouteKind::from($route['takes']),
            array_map(Condition::from(...), $route['at'] ?? []),
        ), $data));
    }

    /** Null: there is no such route. */
    public function find(string $id): ?Route
    {
        foreach ($this->all as $route) {
            if ($route->id === $id) {
                return $route;
            }
        }

        return null;
    }

    /**
     * The route of this id; the preset where none is named.
     *
     * @throws OutOfBoundsException when there is no such route
     */
    public function get(string $id): Route
    {
        if ($id === '') {
            return $this->all[0];
        }

        return $this->find($id) ?? throw new OutOfBoundsException("There is no route {$id}.");
    }

    /**
     * @return non-empty-list<string>
     */
    public function ids(): array
    {
        return array_map(static fn (Route $route): string => $route->id, $this->all);
    }
}
