<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/** One thing done to one knee. */
final readonly class Manoeuvre
{
    /**
     * @param  float  $minutes  time for both knees
     * @param  int<1, 5>  $provocation  1 (nothing to feel) to 5 (likely to hurt or frighten)
     * @param  list<Field>  $fields  what is measured
     * @param  list<string>  $checks  what must hold for the measurement to be trusted
     * @param  list<string>  $feeds  ids of the findings that it can give
     * @param  bool  $bothAtOnce  done with both legs together, recorded once under side `both`
     * @param  JudgedBy|null  $judgedBy  null: what it records is kept and shown, and feeds nothing by itself
     * @param  array<string, list<string>>  $traits  what rules ask for, by {@see ManoeuvreTrait}
     */
    public function __construct(
        public string $id,
        public Station $station,
        public Family $family,
        public float $minutes,
        public int $provocation,
        public array $fields,
        public array $checks,
        public array $feeds,
        public bool $bothAtOnce,
        public Card $card,
        public ?JudgedBy $judgedBy = null,
        private array $traits = [],
    ) {
    }

    public function has(ManoeuvreTrait $trait): bool
    {
        return isset($this->traits[$trait->value]);
    }

    /** The whole number that goes with a trait, such as the bend needed in degrees; null without the trait. */
    public function amount(ManoeuvreTrait $trait): ?int
    {
        return isset($this->traits[$trait->value][0]) ? (int) $this->traits[$trait->value][0] : null;
    }

    /**
     * The names that go with a trait.
     *
     * @return list<string>
     */
    public function names(ManoeuvreTrait $trait): array
    {
        return $this->traits[$trait->value] ?? [];
    }
}
