<?php

declare(strict_types=1);

namespace GrayCompass\Core\Scales;

use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Result;

/**
 * A result as it lies on the scales, and the group that it overlaps with.
 *
 * @internal
 */
final readonly class WeighedResult
{
    /**
     * @param  Group  $group  still empty
     */
    public function __construct(public Result $result, public Group $group)
    {
    }
}
