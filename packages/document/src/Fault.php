<?php

declare(strict_types=1);

namespace GrayCompass\Document;

/** One wrong place in a document. */
final readonly class Fault
{
    public function __construct(
        public FaultKind $kind,
        public string $path,
        public string $reason,
    ) {
    }
}
