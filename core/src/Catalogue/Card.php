<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** What a practitioner reads at a glance before doing a manoeuvre. Empty text: not needed. */
final class Card
{
    /**
     * @param  string  $name  as practitioners call it
     * @param  string  $gist  what it looks for, in a few words
     * @param  string  $sayFirst  words for the athlete
     */
    public function __construct(
        public readonly string $name,
        public readonly string $gist = '',
        public readonly string $position = '',
        public readonly string $hold = '',
        public readonly string $movement = '',
        public readonly string $normal = '',
        public readonly string $counts = '',
        public readonly string $spoils = '',
        public readonly string $sayFirst = '',
        public readonly string $caution = '',
        public readonly string $easier = '',
    ) {
    }
}
