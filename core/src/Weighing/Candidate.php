<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** A test that could still be done. */
final class Candidate
{
    /**
     * @param  string  $group  id of the group its result would join; may be a new one
     * @param  float  $echo  that group's echo
     * @param  float  $minutes  time it takes, above 0
     */
    public function __construct(
        public readonly Finding $finding,
        public readonly string $group,
        public readonly float $echo,
        public readonly float $minutes,
    ) {
    }
}
