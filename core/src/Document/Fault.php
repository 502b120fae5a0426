<?php

declare(strict_types=1);

namespace GrayCompass\Core\Document;

/** One wrong place in a document. */
final class Fault
{
    public function __construct(
        public readonly FaultKind $kind,
        public readonly string $path,
        public readonly string $reason,
    ) {
    }
}
