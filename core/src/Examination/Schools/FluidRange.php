<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Schools;

use GrayCompass\Core\Examination\Facts\FactCondition;

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
    public function __construct(public FactCondition $when, public float $from, public ?float $to)
    {
    }
}
