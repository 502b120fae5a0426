<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * A reading with the verdict on whether it moves a chance.
 *
 * @internal
 */
final readonly class SettledResult
{
    /**
     * @param  Exclusion|null  $exclusion  why it moves nothing; null for one that counts, or is equivocal
     */
    public function __construct(
        public Reading $reading,
        public ?Exclusion $exclusion,
    ) {
    }

    public function counts(): bool
    {
        return $this->exclusion === null && $this->reading->outcome !== Outcome::Equivocal;
    }

    public function isPositive(): bool
    {
        return $this->counts() && $this->reading->outcome === Outcome::Positive;
    }

    public function isNegative(): bool
    {
        return $this->counts() && $this->reading->outcome === Outcome::Negative;
    }

    public function isHandsOn(): bool
    {
        return $this->reading->record !== null;
    }
}
