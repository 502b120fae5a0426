<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use InvalidArgumentException;

/** Input that is not accepted: where it is wrong, and why. Nothing of it has been used. */
final class Refusal extends InvalidArgumentException
{
    /**
     * @param  string  $path  place in the document, such as `groups[1].results[0].finding`; empty for the document
     *     itself
     * @param  string  $reason  a clause that completes "refused because …", without a full stop
     */
    public function __construct(public readonly string $path, public readonly string $reason)
    {
        parent::__construct($path === '' ? $reason : "{$path}: {$reason}");
    }
}
