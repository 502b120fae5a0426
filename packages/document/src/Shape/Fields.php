<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;
use stdClass;

/** An object with these keys and no others. A key that may be left out may also be null. */
final readonly class Fields implements Shape
{
    /** @var array<string, Shape> */
    private array $optional;

    /**
     * @param  array<string, Shape>  $required
     * @param  array<string, Shape>  $optional
     * @param  list<Rule>  $rules  what binds several keys together
     * @param  bool  $strict  a key that may be left out may not be null instead
     */
    public function __construct(
        private array $required,
        array $optional = [],
        private array $rules = [],
        bool $strict = false,
    ) {
        $this->optional = array_map(
            static fn (Shape $shape): Shape => $strict ? $shape : new OrNull($shape),
            $optional,
        );
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! $value instanceof stdClass) {
            $faults->add(FaultKind::Value, $path, 'expected an object');

            return;
        }
        $given = get_object_vars($value);
        foreach ($given as $key => $inner) {
            $shape = $this->required[$key] ?? $this->optional[$key] ?? null;
            $place = Path::key($path, (string) $key);
            $shape === null
                ? $faults->add(FaultKind::UnknownKey, $place, 'unknown key')
                : $shape->check($inner, $place, $faults);
        }
        foreach ($this->required as $key => $_) {
            if (! \array_key_exists($key, $given)) {
                $faults->add(FaultKind::MissingKey, Path::key($path, $key), 'missing');
            }
        }
        foreach ($this->rules as $rule) {
            $rule->check($given, $path, $faults);
        }
    }

    public function schema(): array
    {
        $rules = array_map(static fn (Rule $rule): array => $rule->schema(), $this->rules);
        $properties = array_map(
            static fn (Shape $shape): array => $shape->schema(),
            [...$this->required, ...$this->optional],
        );

        return [
            'type' => 'object',
            'additionalProperties' => false,
            ...($this->required === [] ? [] : ['required' => array_keys($this->required)]),
            ...($properties === [] ? [] : ['properties' => $properties]),
            ...(\count($rules) === 1 ? $rules[0] : ($rules === [] ? [] : ['allOf' => $rules])),
        ];
    }
}
