<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use Closure;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;
use stdClass;

/** An object whose shape is named by one of its own keys. */
final readonly class Tagged implements Shape
{
    /**
     * @param  array<string, Shape>  $shapes  by tag
     * @param  list<string>  $required  keys that every one of them needs
     * @param  Closure(mixed): string  $unknown  what is said of a tag that names nothing
     */
    public function __construct(
        private string $tag,
        private array $shapes,
        private array $required,
        private Closure $unknown,
    ) {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $tag = $value instanceof stdClass ? ($value->{$this->tag} ?? null) : null;
        $shape = \is_string($tag) ? $this->shapes[$tag] ?? null : null;
        if ($shape !== null) {
            $shape->check($value, $path, $faults);

            return;
        }
        if (! $value instanceof stdClass) {
            $faults->add(FaultKind::Value, $path, 'expected an object');

            return;
        }
        foreach ($this->required as $key) {
            if (! property_exists($value, $key)) {
                $faults->add(FaultKind::MissingKey, Path::key($path, $key), 'missing');
            }
        }
        if (property_exists($value, $this->tag)) {
            $faults->add(FaultKind::Value, Path::key($path, $this->tag), ($this->unknown)($tag));
        }
    }

    public function schema(): array
    {
        return ['anyOf' => array_values(array_map(
            static fn (Shape $shape): array => $shape->schema(),
            $this->shapes,
        ))];
    }
}
