<?php

declare(strict_types=1);

namespace GrayCompass\Core\Course;

/** Which way a measure goes when a knee gets well. */
enum Better: string
{
    case Less = 'less';
    case More = 'more';

    /** Of a difference between two knees. */
    case NearerZero = 'nearer_zero';

    /** Whether the second is nearer to a sound knee than the first. */
    public function is(float $before, float $after): bool
    {
        return match ($this) {
            self::Less => $after < $before,
            self::More => $after > $before,
            self::NearerZero => \abs($after) < \abs($before),
        };
    }
}
