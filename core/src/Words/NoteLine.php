<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

/** One thing that is written to a colleague: what it is about, as a code, and its words. */
final readonly class NoteLine
{
    public function __construct(public string $code, public string $text)
    {
    }
}
