<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** How often a reference shows what is there, and nothing where nothing is. */
final readonly class Reference
{
    /** Outside, what the reference said cannot be corrected. */
    public const LEAST_SUM = 1.05;

    public function __construct(public float $sensitivity = 1.0, public float $specificity = 1.0)
    {
    }

    /** q: how often this reference would say “present”, with this chance. */
    public function shown(float $chance): float
    {
        return $chance * $this->sensitivity + (1 - $chance) * (1 - $this->specificity);
    }

    /** What it found, freed of its errors on average; below 0 or above 1 for a single knee. */
    public function corrected(float $found): float
    {
        return ($found - 1 + $this->specificity) / $this->gain();
    }

    /** How much the shown share moves with the chance. */
    public function gain(): float
    {
        return $this->sensitivity + $this->specificity - 1;
    }
}
