<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Sentences\Sentence;

/**
 * What the athlete does with the leg until another person has decided. Null: nothing said.
 *
 * @internal
 */
final readonly class Advice
{
    /**
     * @param  Sentence|null  $knee  how the knee is held or cared for
     * @param  bool|null  $drive  false: do not drive
     */
    public function __construct(
        public ?Weight $weight = null,
        public ?Sentence $knee = null,
        public ?Bend $bend = null,
        public ?bool $drive = null,
    ) {
    }

    /** The stricter of both in each part; how the knee is held is said by the more urgent one. */
    public function and(self $later): self
    {
        $stricter = static fn (?Weight $a, ?Weight $b): ?Weight => match (true) {
            $a === null, $b === null => $a ?? $b,
            default => array_search($a, Weight::cases(), true) <= array_search($b, Weight::cases(), true) ? $a : $b,
        };
        $straighter = match (true) {
            $this->bend === null, $later->bend === null => $this->bend ?? $later->bend,
            default => array_search($this->bend, Bend::cases(), true) <= array_search($later->bend, Bend::cases(), true)
                ? $this->bend
                : $later->bend,
        };

        return new self(
            $stricter($this->weight, $later->weight),
            $this->knee ?? $later->knee,
            $straighter,
            $this->drive === false || $later->drive === false ? false : ($this->drive ?? $later->drive),
        );
    }
}
