<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/**
 * Something suspected, with the finding that raised it.
 *
 * @internal
 */
final readonly class Suspicion
{
    /**
     * @param  int<-1, max>  $since  place in the document; −1: before any finding
     * @param  string  $as  a variant of what is said
     */
    public function __construct(public int $since, public string $as = '')
    {
    }
}
