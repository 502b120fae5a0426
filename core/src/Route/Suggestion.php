<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Weighing\NextTest;

/** A manoeuvre worth doing next, by the best of its findings. */
final class Suggestion
{
    public function __construct(
        public readonly string $manoeuvre,
        public readonly NextTest $test,
        public readonly string $why,
    ) {
    }
}
