<?php

declare(strict_types=1);

namespace GrayCompass\Core\Course;

/** How a measure differs between two visits: only what goes beyond the error of the hand is a change. */
enum Change: string
{
    case AsBefore = 'as_before';
    case Better = 'better';
    case Worse = 'worse';

    /** Of a chance, which is no state of a knee but what is known of it. */
    case MoreLikely = 'more_likely';
    case LessLikely = 'less_likely';

    /**
     * @return self|null null where one of the two was not measured
     */
    public static function of(CourseMeasure $curve, ?float $before, ?float $after): ?self
    {
        return match (true) {
            $before === null || $after === null => null,
            \abs($after - $before) <= $curve->error => self::AsBefore,
            $curve->better->is($before, $after) => self::Better,
            default => self::Worse,
        };
    }

    /**
     * Of a grade, where a visit has no figure to compare: by feel, one grade is a change.
     *
     * @param  int|null  $before  0–3; null: not graded
     * @param  int|null  $after  0–3
     */
    public static function ofGrades(?int $before, ?int $after): ?self
    {
        return match (true) {
            $before === null || $after === null => null,
            $before === $after => self::AsBefore,
            $after < $before => self::Better,
            default => self::Worse,
        };
    }

    /**
     * Of a chance: a change is what the doubt of the earlier visit does not cover.
     *
     * @param  float  $low  end of the earlier interval, as is $high
     */
    public static function ofChance(float $before, float $low, float $high, float $after): self
    {
        return match (true) {
            $after >= $low && $after <= $high => self::AsBefore,
            $after < $before => self::LessLikely,
            default => self::MoreLikely,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::AsBefore => 'as before',
            self::Better => 'better',
            self::Worse => 'worse',
            self::MoreLikely => 'more likely',
            self::LessLikely => 'less likely',
        };
    }
}
