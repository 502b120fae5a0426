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
     * @param  bool  $overridden  taken against a rule of the gate, and marked so
     * @param  bool  $isOpen  leaves its conditions unsettled until the knee is looked at again
     */
    public function __construct(
        public readonly Reading $reading,
        public readonly ?Exclusion $exclusion,
        public readonly bool $overridden,
        public readonly bool $isOpen = false,
    ) {
    }

    public function counts(): bool
    {
        return $this->exclusion === null && $this->reading->sign !== Sign::Equivocal;
    }

    public function isHandsOn(): bool
    {
        return $this->reading->record !== null;
    }
}
