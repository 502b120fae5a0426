<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Opening;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Only more than a centimetre, or no end at all, is loose; 3 mm up to that is left open.
 *
 * @internal
 */
final class Centimetre implements CollateralRule
{
    private const OPEN_FROM_MM = 3.0;

    private const TORN_OVER_MM = 10.0;

    public function judge(Opening $opening): Graded
    {
        return match (true) {
            $opening->isAbsent(), $opening->difference > self::TORN_OVER_MM => new Graded(
                Outcome::Positive,
                3,
                Level::Gross,
            ),
            $opening->difference >= self::OPEN_FROM_MM => new Graded(Outcome::Equivocal, 0),
            default => new Graded(Outcome::Negative, 0),
        };
    }
}
