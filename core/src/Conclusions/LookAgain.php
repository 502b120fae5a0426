<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Standing\Standing;

/** When to examine the knee again, in days from now. */
final class LookAgain
{
    public function __construct(
        public readonly int $from,
        public readonly int $to,
        public readonly string $why,
    ) {
    }

    /** The earliest of all reasons; null when there is none. */
    public static function of(Examination $examination, Grading $grading, Standing $standing, FrontGate $front): ?self
    {
        $reasons = array_filter([
            self::unsettled($examination, $standing),
            ($grading->effusion->grade ?? 0.0) >= 2.0 ? new self(3, 7, 'The effusion is large.') : null,
            LigamentGrades::of(Condition::Mcl, $standing) === 1 ? new self(7, 14, 'A grade 1 MCL sprain should be settling.') : null,
            $front->supported() ? new self(28, 42, 'Patellofemoral pain changes over weeks.') : null,
        ]);
        usort($reasons, static fn (self $a, self $b): int => $a->from <=> $b->from);

        return $reasons[0] ?? null;
    }

    private static function unsettled(Examination $examination, Standing $standing): ?self
    {
        $open = array_filter(Condition::cases(), $standing->isUnsettled(...));
        if ($open === []) {
            return null;
        }
        $why = 'Not settled: '.implode(', ', array_map(static fn (Condition $condition): string => $condition->label(), $open)).'.';
        if ($examination->daysSinceInjury === null) {
            return new self(2, 7, $why);
        }
        $from = max(2, 5 - $examination->daysSinceInjury);

        return new self($from, max($from, 10 - $examination->daysSinceInjury), $why);
    }
}
