<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Safety\Holds;
use GrayCompass\Core\Safety\SafetyGate;

/**
 * What the gate asks for, and what it holds.
 *
 * @internal
 */
final readonly class Guarded
{
    public function __construct(public SafetyGate $gate, public Holds $holds)
    {
    }
}
