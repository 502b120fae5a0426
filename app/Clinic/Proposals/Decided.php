<?php

declare(strict_types=1);

namespace App\Clinic\Proposals;

use RuntimeException;

/** Somebody decided on it before. */
final class Decided extends RuntimeException
{
    public static function already(): self
    {
        return new self('Somebody decided on this proposal already.');
    }
}
