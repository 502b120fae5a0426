<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/**
 * When a field is asked for: once another field of the same record is above a number.
 *
 * @internal
 */
final readonly class FieldCondition
{
    public function __construct(public string $field, public float $above)
    {
    }
}
