<?php

declare(strict_types=1);

namespace App\Examinations;

use GrayCompass\Core\Findings\Examination;

/** A save that was carried out, now or when it was first sent. */
final class Saved
{
    public function __construct(
        public readonly string $part,
        public readonly int $version,
        public readonly Examination $examination,
    ) {
    }
}
