<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use Closure;
use GrayCompass\Document\Faults;

/** A shape that is made once it is asked: of a hundred that a document may hold, one document holds a few. */
final class Later implements Shape
{
    private ?Shape $made = null;

    /**
     * @param  Closure(): Shape  $make
     */
    public function __construct(private readonly Closure $make)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $this->made()->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return $this->made()->schema();
    }

    private function made(): Shape
    {
        return $this->made ??= ($this->make)();
    }
}
