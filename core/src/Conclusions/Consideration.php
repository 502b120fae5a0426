<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

/** Something else to think of; it carries no number. */
final class Consideration
{
    public function __construct(public readonly string $id, public readonly string $why)
    {
    }
}
