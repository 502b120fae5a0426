<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/**
 * What the hands said to one question of the gate.
 *
 * @internal
 */
final readonly class Heard
{
    /**
     * @param  int<-1, max>  $at  place in the document of the finding that said it
     * @param  bool  $wholly  false: another finding could still say yes
     */
    public function __construct(public bool $yes, public int $at, public bool $wholly = true)
    {
    }
}
