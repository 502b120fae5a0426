<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;
use stdClass;

/** An object whose keys are not known before, each with a value of one shape; there may be none. */
final readonly class MapOf implements Shape
{
    /**
     * @param  int|null  $most  keys; null: any number
     */
    public function __construct(private Shape $value, private ?int $most = null)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! $value instanceof stdClass) {
            $faults->add(FaultKind::Value, $path, 'expected an object');

            return;
        }
        $given = get_object_vars($value);
        if ($this->most !== null && \count($given) > $this->most) {
            $faults->add(FaultKind::Value, $path, "expected at most {$this->most} keys");
        }
        foreach ($given as $key => $inner) {
            $this->value->check($inner, Path::key($path, (string) $key), $faults);
        }
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            ...($this->most === null ? [] : ['maxProperties' => $this->most]),
            'additionalProperties' => $this->value->schema(),
        ];
    }
}
