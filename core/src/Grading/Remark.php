<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Something worth saying that moves no chance. */
final class Remark
{
    public function __construct(public readonly string $code, public readonly string $say)
    {
    }
}
