<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

use GrayCompass\Inference\Model\Problem;

/** A knee with its counted results, and what a reference said of it. */
final readonly class Knee
{
    /**
     * @param  Problem  $problem  its counted results, weighed by published figures
     * @param  array<string, bool>  $results  whether each finding that counts was positive
     * @param  array<int, Answer>  $answers  by position of the condition
     */
    public function __construct(public Problem $problem, public array $results, public array $answers)
    {
    }
}
