<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use stdClass;

/**
 * The faults noticed while one document is read. Reading goes on after a fault, so that the one told
 * is chosen by kind and place (unknown keys, then missing ones, then values, each in document order)
 * rather than by the order in which the reader happened to look.
 */
final class Faults
{
    /** @var list<Fault> */
    private array $found = [];

    public function __construct(private readonly mixed $document)
    {
    }

    public function add(FaultKind $kind, string $path, string $reason): void
    {
        $this->found[] = new Fault($kind, $path, $reason);
    }

    /** Whether nothing was noticed so far. */
    public function isEmpty(): bool
    {
        return $this->found === [];
    }

    /** @throws Refusal the first fault, when there is any */
    public function refuse(): void
    {
        if ($this->found === []) {
            return;
        }
        $places = [];
        $this->number($this->document, '', $places);
        $found = $this->found;
        usort($found, static fn (Fault $a, Fault $b): int => $a->kind->value <=> $b->kind->value
            ?: $places[self::known($a->path, $places)] <=> $places[self::known($b->path, $places)]);
        throw Refusal::at($found[0]->path, $found[0]->reason);
    }

    /**
     * @param  array<string, int>  $places
     */
    private function number(mixed $value, string $path, array &$places): void
    {
        $places[$path] = \count($places);
        if ($value instanceof stdClass) {
            foreach (get_object_vars($value) as $key => $inner) {
                $this->number($inner, Path::key($path, (string) $key), $places);
            }
        } elseif (\is_array($value)) {
            foreach (array_values($value) as $index => $inner) {
                $this->number($inner, Path::index($path, $index), $places);
            }
        }
    }

    /**
     * A missing key stands at the place of the nearest object that is there.
     *
     * @param  array<string, int>  $places
     */
    private static function known(string $path, array $places): string
    {
        while (! isset($places[$path])) {
            $path = Path::parent($path);
        }

        return $path;
    }
}
