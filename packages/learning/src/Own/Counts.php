<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

/** How often a finding was positive and negative, knees that nobody looked into filled in by their chances. */
final class Counts
{
    public float $positive = 0.0;

    public float $negative = 0.0;

    /** The part of both from knees whose targets all have a hard answer. */
    public float $verified = 0.0;

    public function add(float $share, bool $isPositive, bool $isVerified): void
    {
        $this->positive += $isPositive ? $share : 0.0;
        $this->negative += $isPositive ? 0.0 : $share;
        $this->verified += $isVerified ? $share : 0.0;
    }
}
