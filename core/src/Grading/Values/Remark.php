<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/**
 * Something worth saying that moves no chance.
 *
 * @internal
 */
final readonly class Remark
{
    public function __construct(public string $code, public string $say)
    {
    }
}
