<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * What a rule leaves open: only the things named, or all but them. Pulse, sensation, ankle lift and
 * inspection stay open under every rule.
 *
 * @internal
 */
final readonly class Opens
{
    private const PALPATION = 'palpation';

    /**
     * @param  list<Family>  $families
     * @param  list<string>  $names  manoeuvres, or `palpation`
     * @param  int|null  $provocation  from this provocation on, 1–5
     */
    private function __construct(
        private bool $only,
        private array $families,
        private array $names,
        private ?int $provocation = null,
        private ?Station $station = null,
    ) {
    }

    public static function all(): self
    {
        return new self(false, [], []);
    }

    /** Nothing but the first look: inspection, pulse, sensation and ankle lift, and what is named. */
    public static function firstAnd(Family|string ...$open): self
    {
        return new self(true, self::familiesIn($open), self::namesIn($open));
    }

    public static function allBut(Family|string ...$closed): self
    {
        return new self(false, self::familiesIn($closed), self::namesIn($closed));
    }

    /** Closes what provokes this much or more as well. */
    public function andFromProvocation(int $provocation): self
    {
        return new self($this->only, $this->families, $this->names, $provocation, $this->station);
    }

    /** Closes a whole position as well. */
    public function andStation(Station $station): self
    {
        return new self($this->only, $this->families, $this->names, $this->provocation, $station);
    }

    public function leaves(Manoeuvre $manoeuvre): bool
    {
        return $manoeuvre->has(ManoeuvreTrait::First) || $this->only === $this->isNamed($manoeuvre);
    }

    private function isNamed(Manoeuvre $manoeuvre): bool
    {
        return \in_array($manoeuvre->family, $this->families, true)
            || \in_array($manoeuvre->id, $this->names, true)
            || (\in_array(self::PALPATION, $this->names, true) && $manoeuvre->has(ManoeuvreTrait::Palpation))
            || ($this->provocation !== null && $manoeuvre->provocation >= $this->provocation)
            || $manoeuvre->station === $this->station;
    }

    /**
     * @param  array<Family|string>  $given
     * @return list<Family>
     */
    private static function familiesIn(array $given): array
    {
        return array_values(array_filter($given, static fn (Family|string $one): bool => $one instanceof Family));
    }

    /**
     * @param  array<Family|string>  $given
     * @return list<string>
     */
    private static function namesIn(array $given): array
    {
        return array_values(array_filter($given, is_string(...)));
    }
}
