<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

/** What is said to the athlete, to the coach and in the letter. */
final class Words
{
    /**
     * @param  string  $forCoach  empty without recorded consent
     * @param  string  $afterOperation  what leads the summary of an operated knee; else empty
     */
    public function __construct(
        public readonly string $forAthlete,
        public readonly string $forCoach,
        public readonly string $note,
        public readonly string $afterOperation,
    ) {
    }
}
