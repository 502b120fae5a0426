<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Standing\Standing;

/** When to examine the knee again, in days from now. */
final class LookAgain
{
    /** Effusion grade that is called large. */
    private const LARGE = 2.0;

    /** Days after which somebody sent on is seen again, result or not. */
    private const RESULT_DUE = 14;

    public function __construct(
        public readonly int $from,
        public readonly int $to,
        public readonly string $why,
    ) {
    }

    /** The earliest of all reasons, the narrower of two that begin alike; null when there is none. */
    public static function of(Bearings $bearings, FrontGate $front, Support $support, bool $sentOn): ?self
    {
        $reasons = array_filter([
            self::unsettled($bearings->examination, $bearings->standing),
            ($bearings->grading->effusion->grade ?? 0.0) >= self::LARGE ? new self(3, 7, 'The effusion is large.') : null,
            $support->type === SupportType::Immobiliser ? new self(3, 5, 'Nobody wears an immobiliser longer unseen.') : null,
            $bearings->of(Condition::Mcl)->grade === 1 ? new self(7, 14, 'A grade 1 MCL sprain should be settling.') : null,
            $front->supported() ? new self(28, 42, 'Patellofemoral pain changes over weeks.') : null,
            $sentOn ? new self(self::RESULT_DUE, self::RESULT_DUE, 'After the result of the referral, at the latest in two weeks.') : null,
        ]);
        usort($reasons, static fn (self $a, self $b): int => [$a->from, $a->to] <=> [$b->from, $b->to]);

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
