<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\KneeExamination;

/**
 * All rules that ticks, looks and hands can raise: when each applies, how urgent it is, and what it leaves open; what is
 * said stands in data/rules.json. What only the results can raise stands in Verdict\ResultLines.
 *
 * @internal
 */
final class GateRules
{
    /**
     * @return list<SafetyLine>
     */
    public static function lines(KneeExamination $examination, Signs $signs, FluidSigns $fluid, RuleBook $book): array
    {
        return array_values(array_filter([
            ...(new LimbRules($examination, $signs, $fluid, $book))->lines(),
            ...(new BoneRules($examination, $signs, $fluid, $book))->lines(),
            ...(new JointRules($examination, $signs, $fluid, $book))->lines(),
            ...(new ExtensorRules($examination, $signs, $fluid, $book))->lines(),
            ...(new LaterRules($examination, $signs, $fluid, $book))->lines(),
        ]));
    }
}
