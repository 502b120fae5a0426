<?php

declare(strict_types=1);

namespace App\Clinic\Proposals;

use RuntimeException;

/** The proposal has been decided on already. */
final class Decided extends RuntimeException
{
    public static function already(): self
    {
        return new self('This proposal has already been decided.');
    }
}
