<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Aspect;

/**
 * One of the four ways of rotating and stressing the bending knee (McMurray).
 *
 * @internal
 */
final readonly class Cell
{
    /**
     * @param  string  $rotation  of the shin: inward, outward or none
     * @param  string  $stress  varus or valgus
     * @param  float|null  $pain  0–10
     * @param  string|null  $clickSite  medial, lateral or elsewhere
     * @param  string|null  $painSite  likewise
     * @param  float|null  $hurtsAtDeg  bend at which it hurts, 0–160
     * @param  bool  $blocks  the run stopped
     * @param  bool  $givesWay  the knee gave way in the run
     * @param  bool  $axial  pressed along the shin as well
     */
    public function __construct(
        public string $rotation,
        public string $stress,
        public bool $click,
        public ?string $clickSite,
        public ?float $pain,
        public ?string $painSite,
        public ?bool $familiar,
        public ?float $hurtsAtDeg = null,
        public bool $blocks = false,
        public bool $givesWay = false,
        public bool $axial = false,
    ) {
    }

    public function hurts(): bool
    {
        return $this->pain !== null && $this->pain > 0;
    }

    public function isPositive(): bool
    {
        return $this->hurts() || $this->isMechanical();
    }

    /** It clicked, blocked or gave way: more than pain alone. */
    public function isMechanical(): bool
    {
        return $this->click || $this->blocks || $this->givesWay;
    }

    /** Where the athlete or the finger put it: medial, lateral, elsewhere, or null when nobody said. */
    public function namedSite(): ?string
    {
        return ($this->hurts() ? $this->painSite : null) ?? ($this->isMechanical() ? $this->clickSite : null);
    }

    /** The meniscus that this rotation loads; null without rotation. */
    public function loadedByRotation(): ?Aspect
    {
        return match ($this->rotation) {
            'outward' => Aspect::Medial,
            'inward' => Aspect::Lateral,
            default => null,
        };
    }

    /** The meniscus that this stress squeezes. */
    public function loadedByCompression(): Aspect
    {
        return $this->stress === 'varus' ? Aspect::Medial : Aspect::Lateral;
    }

    public function isSameHoldAs(self $other): bool
    {
        return $this->rotation === $other->rotation && $this->stress === $other->stress;
    }
}
