<?php

declare(strict_types=1);

namespace GrayCompass\Core\Standing;

use GrayCompass\Core\Grading\Exclusion;
use GrayCompass\Core\Grading\Reading;
use GrayCompass\Core\Grading\Sign;

/** A reading with the verdict on whether it moves a chance. */
final class StandingResult
{
    /**
     * @param  Exclusion|null  $exclusion  why it moves nothing; null for one that counts, or is equivocal
     */
    public function __construct(
        public readonly Reading $reading,
        public readonly ?Exclusion $exclusion,
    ) {
    }

    public function counts(): bool
    {
        return $this->exclusion === null && $this->reading->sign !== Sign::Equivocal;
    }

    public function isPositive(): bool
    {
        return $this->counts() && $this->reading->sign === Sign::Positive;
    }

    public function isNegative(): bool
    {
        return $this->counts() && $this->reading->sign === Sign::Negative;
    }

    public function isHandsOn(): bool
    {
        return $this->reading->record !== null;
    }
}
