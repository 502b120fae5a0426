<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;

/** A list of exactly two. */
final readonly class Pair implements Shape
{
    /**
     * @param  string  $expected  what is said where there are not two
     */
    public function __construct(private Shape $item, private string $expected)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_array($value)) {
            $faults->add(FaultKind::Value, $path, 'expected a list');

            return;
        }
        if (\count($value) !== 2) {
            $faults->add(FaultKind::Value, $path, \count($value) > 2 ? 'expected at most 2 entries' : $this->expected);

            return;
        }
        foreach (array_values($value) as $index => $item) {
            $this->item->check($item, Path::index($path, $index), $faults);
        }
    }

    public function schema(): array
    {
        return ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => $this->item->schema()];
    }
}
