<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

/**
 * What is said to the athlete, to the coach and in the letter.
 *
 * @internal
 */
final readonly class Texts
{
    /**
     * @param  string  $forCoach  empty without recorded consent
     * @param  string  $afterOperation  what leads the summary of an operated knee; else empty
     */
    public function __construct(
        public string $forAthlete,
        public string $forCoach,
        public string $note,
        public string $afterOperation,
    ) {
    }
}
