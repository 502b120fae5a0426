<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;
use stdClass;

/** An object whose keys are names, each with a value of one shape. */
final readonly class ByName implements Shape
{
    /**
     * @param  string  $empty  what is said where nothing is named
     */
    public function __construct(private Shape $value, private string $empty)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! $value instanceof stdClass) {
            $faults->add(FaultKind::Value, $path, 'expected an object');

            return;
        }
        $named = get_object_vars($value);
        if ($named === []) {
            $faults->add(FaultKind::Value, $path, $this->empty);
        }
        foreach ($named as $name => $inner) {
            $this->value->check($inner, Path::key($path, (string) $name), $faults);
        }
    }

    public function schema(): array
    {
        return ['type' => 'object', 'minProperties' => 1, 'additionalProperties' => $this->value->schema()];
    }
}
