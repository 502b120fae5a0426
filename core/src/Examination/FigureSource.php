<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * How a figure of a record was measured, where an instrument took it.
 *
 * @internal
 */
final readonly class FigureSource
{
    /**
     * @param  float|null  $spread  standard deviation of the pulls, in the unit of the figure; null where it is not known
     * @param  int<0, max>  $pulls  that count; 0 where the instrument does not pull
     */
    public function __construct(
        public MeasuredWith $with,
        public ?float $spread = null,
        public int $pulls = 0,
    ) {
    }

    /** Square of the standard error of the figure, in its unit squared; null where the spread is not known. */
    public function squaredError(): ?float
    {
        return $this->spread === null ? null : $this->spread ** 2 / \max(1, $this->pulls);
    }
}
