<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceKind;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Condition;

/** What one look can say of a knee, however it comes in. Each tells why not, or null. */
final class AnswerRules
{
    /** Before this nobody had looked at a knee of theirs. */
    public const YEARS_BACK = 60;

    public static function condition(ReferenceKind $kind, Condition $condition): ?string
    {
        return $kind->canTell($condition) ? null : "{$kind->label()} does not tell {$condition->label()}";
    }

    /** @param  int|null  $grade  null: none is told */
    public static function grade(?Condition $condition, ?InjuryState $seen, ?int $grade): ?string
    {
        $isTorn = $condition?->isLigament() === true && $seen === InjuryState::Present;

        return $grade === null || $isTorn ? null : 'a grade belongs to a torn ligament';
    }

    /** Where it is tomorrow already, today has begun. */
    public static function day(CarbonImmutable $on): ?string
    {
        $now = CarbonImmutable::now();

        return match (true) {
            $on->isAfter($now->addDays(2)) => 'this day has not come yet',
            $on->isBefore($now->subYears(self::YEARS_BACK)) => 'more than '.self::YEARS_BACK.' years ago',
            default => null,
        };
    }
}
