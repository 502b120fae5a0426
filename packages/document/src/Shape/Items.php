<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;

/** A list whose items have one shape. */
final readonly class Items implements Shape
{
    /**
     * @param  int|null  $most  null: any number
     * @param  string  $empty  what is said where the list may not be empty; nothing: it may
     */
    public function __construct(private Shape $item, private ?int $most = null, private string $empty = '')
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_array($value)) {
            $faults->add(FaultKind::Value, $path, 'expected a list');

            return;
        }
        if ($this->most !== null && \count($value) > $this->most) {
            $faults->add(FaultKind::Value, $path, "expected at most {$this->most} entries");

            return;
        }
        if ($value === [] && $this->empty !== '') {
            $faults->add(FaultKind::Value, $path, $this->empty);
        }
        foreach (array_values($value) as $index => $item) {
            $this->item->check($item, Path::index($path, $index), $faults);
        }
    }

    public function schema(): array
    {
        return [
            'type' => 'array',
            ...($this->empty === '' ? [] : ['minItems' => 1]),
            ...($this->most === null ? [] : ['maxItems' => $this->most]),
            'items' => $this->item->schema(),
        ];
    }
}
