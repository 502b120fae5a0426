<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

/**
 * In how many days from now, from and to, a knee is looked at again. Working estimates throughout.
 *
 * @internal
 */
final class ReviewDays
{
    public const SOON = [3, 7];

    /** Once the first swelling and guarding have gone. */
    public const ONCE_SETTLED = [5, 10];

    public const NEXT_WEEK = [7, 14];

    public const IN_WEEKS = [14, 28];

    /** When an exercise programme can have changed something. */
    public const AFTER_A_PROGRAMME = [28, 42];

    public const UNDER_AN_IMMOBILISER = [3, 5];

    public const UNDER_A_BRACE = [7, 10];

    /** Of a knee that came on without an injury, and could not be settled today. */
    public const WITHOUT_AN_INJURY = [2, 7];

    /** Nobody comes back before this, in days. */
    private const EARLIEST = 2;

    /** Days between the first and the last on which a fresh knee is looked at again. */
    private const SPAN = 5;

    /**
     * Of an injury that could not be settled today: between its fifth and its tenth day.
     *
     * @param  int<0, max>  $day  since the injury
     * @return array{int, int}
     */
    public static function onceSettled(int $day): array
    {
        [$first, $last] = self::ONCE_SETTLED;
        $from = \max(self::EARLIEST, $first - $day);

        return $day > $last ? self::ONCE_SETTLED : [$from, \max($from + self::SPAN, $last - $day)];
    }
}
