<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResults;

/**
 * The grade of each ligament: the highest of its graded signs, as far as they are sure enough to grade by.
 * Limits are working estimates.
 *
 * @internal
 */
final class LigamentGrades
{
    private const LOOSE_STRAIGHT = 3;

    /** A figure of the hurt knee alone grades only where the injury is at least as likely as not. */
    private const PROVISIONAL_FROM = 0.5;

    /**
     * @param  float  $chance  of the condition after all results, in (0, 1)
     * @return int<0, 3>|null null where nothing was graded
     */
    public static function of(Condition $condition, SettledResults $results, float $chance): ?int
    {
        $signs = $results->signs->grading($condition);
        $highest = null;
        foreach ($results->results as $result) {
            $reading = $result->reading;
            $sound = $result->exclusion === null
                && $reading->outcome !== Outcome::Equivocal
                && (! $reading->provisional || $chance >= self::PROVISIONAL_FROM);
            if ($sound && $reading->grade !== null && \in_array($reading->sign, $signs, true)) {
                $highest = \max($highest ?? 0, $reading->grade);
            }
        }
        $stress = match ($condition) {
            Condition::Mcl => 'valgus',
            Condition::Lcl => 'varus',
            default => null,
        };
        $straight = $stress !== null && $highest !== null && CollateralReading::isLooseStraight($results, $stress);

        return $straight ? \max($highest, self::LOOSE_STRAIGHT) : $highest;
    }
}
