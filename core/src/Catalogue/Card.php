<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** What a practitioner reads at a glance before doing a manoeuvre. Empty text: not needed. */
final readonly class Card
{
    /**
     * @param  string  $name  as practitioners call it
     * @param  string  $gist  what it looks for, in a few words
     * @param  string  $sayFirst  words for the athlete
     */
    public function __construct(
        public string $name,
        public string $gist = '',
        public string $position = '',
        public string $hold = '',
        public string $movement = '',
        public string $normal = '',
        public string $counts = '',
        public string $spoils = '',
        public string $sayFirst = '',
        public string $caution = '',
        public string $easier = '',
    ) {
    }
}
