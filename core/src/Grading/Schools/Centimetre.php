<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\JointOpening;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Only more than a centimetre, or no end at all, is loose; 3 mm up to that is left open. Bands in mm as taught;
 * working estimates.
 *
 * @internal
 */
final readonly class Centimetre implements CollateralRule
{
    public function __construct(public float $openFrom = 3.0, public float $tornOver = 10.0)
    {
    }

    public function judge(JointOpening $opening): Graded
    {
        return match (true) {
            $opening->isAbsent(), $opening->difference > $this->tornOver => new Graded(
                Outcome::Positive,
                3,
                Level::Gross,
            ),
            $opening->difference >= $this->openFrom => new Graded(Outcome::Equivocal, 0),
            default => new Graded(Outcome::Negative, 0),
        };
    }
}
