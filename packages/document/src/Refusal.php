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
    private function __construct(public readonly string $path, public readonly string $reason)
    {
        parent::__construct($path === '' ? $reason : "{$path}: {$reason}");
    }

    public static function at(string $path, string $reason): self
    {
        return new self($path, $reason);
    }

    public static function ofTheWhole(string $reason): self
    {
        return new self('', $reason);
    }

    public static function notJson(string $problem): self
    {
        return new self('', 'this is not JSON: '.lcfirst($problem));
    }

    /**
     * @param  int  $mebibytes  the most that is read
     */
    public static function tooLarge(int $mebibytes): self
    {
        return new self('', "the document is larger than {$mebibytes} MiB");
    }

    public static function numberTooLarge(string $path): self
    {
        return new self($path, 'this number is too large');
    }
}
