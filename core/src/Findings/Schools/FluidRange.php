<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Schools;

use GrayCompass\Core\Findings\Facts\Condition;

/**
 * How much fluid a sign needs, in ml.
 *
 * @internal
 */
final readonly class FluidRange
{
    /**
     * @param  float|null  $to  null: no upper end
     */
    public function __construct(public Condition $when, public float $from, public ?float $to)
    {
    }
}
