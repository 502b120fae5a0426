<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/**
 * Whose teaching this examination is judged by.
 *
 * @internal
 */
final readonly class Schools
{
    public function __construct(
        public LaxitySchool $laxity = LaxitySchool::SideDifference,
        public CollateralSchool $collateral = CollateralSchool::ThreeBand,
        public EffusionSchool $effusion = EffusionSchool::SweepFirst,
        public McMurraySchool $mcmurraySide = McMurraySchool::PainSite,
        public EvidenceChoice $evidence = EvidenceChoice::Cautious,
    ) {
    }
}
