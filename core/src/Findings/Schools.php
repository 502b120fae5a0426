<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** Whose teaching this examination is judged by. */
final class Schools
{
    public function __construct(
        public readonly LaxitySchool $laxity = LaxitySchool::SideDifference,
        public readonly CollateralSchool $collateral = CollateralSchool::ThreeBand,
        public readonly EffusionSchool $effusion = EffusionSchool::SweepFirst,
        public readonly McMurraySchool $mcmurraySide = McMurraySchool::PainSite,
        public readonly EvidenceChoice $evidence = EvidenceChoice::Cautious,
    ) {
    }
}
