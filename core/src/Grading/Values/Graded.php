<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\EndFeel;
use GrayCompass\Core\Knee\Level;

/**
 * What a school makes of one laxity.
 *
 * @internal
 */
final readonly class Graded
{
    /**
     * @param  int<0, 3>  $grade
     * @param  Level|null  $level  of a positive
     * @param  Exclusion|null  $flaw  a reason against it that the school itself sees
     */
    public function __construct(
        public Outcome $outcome,
        public int $grade,
        public ?Level $level = null,
        public ?Exclusion $flaw = null,
    ) {
    }

    /** What is positive but stops hard is bone: it has no grade and no level as a ligament. */
    public function against(?EndFeel $endFeel): self
    {
        return $endFeel === EndFeel::Hard && $this->outcome === Outcome::Positive
            ? new self($this->outcome, 0, null, Exclusion::BoneEnd)
            : $this;
    }

    public function isBone(): bool
    {
        return $this->flaw === Exclusion::BoneEnd;
    }

    /**
     * Null: there is none to tell.
     *
     * @return int<0, 3>|null
     */
    public function statedGrade(): ?int
    {
        return $this->isBone() || $this->outcome === Outcome::Equivocal ? null : $this->grade;
    }
}
