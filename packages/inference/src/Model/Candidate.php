<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * A test that could still be done.
 *
 * @internal
 */
final readonly class Candidate
{
    /**
     * @param  string  $group  id of the group its result would join; may be a new one
     * @param  float  $echo  that group's echo
     * @param  float  $minutes  time it takes, above 0
     */
    public function __construct(
        public Finding $finding,
        public string $group,
        public float $echo,
        public float $minutes,
    ) {
    }
}
