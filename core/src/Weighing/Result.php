<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** A finding with its outcome, as one piece of evidence. */
final class Result
{
    public function __construct(
        public readonly Finding $finding,
        public readonly Outcome $outcome,
    ) {
    }
}
