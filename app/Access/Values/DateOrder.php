<?php

declare(strict_types=1);

namespace App\Access\Values;

use Carbon\CarbonImmutable;

/** Which figure of a written date is the day. */
enum DateOrder: string
{
    case YearFirst = 'ymd';
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';

    private const FIGURES = '~^\s*(\d{1,4})\s*[-./ ]\s*(\d{1,2})\s*[-./ ]\s*(\d{1,4})\s*(?:[T ].*)?$~';

    public function label(): string
    {
        return match ($this) {
            self::YearFirst => __('access.dateOrder.year_month_day'),
            self::DayFirst => __('access.dateOrder.day_month_year'),
            self::MonthFirst => __('access.dateOrder.month_day_year'),
        };
    }

    /** A day with its month by name, so that none is taken for another. */
    public function written(CarbonImmutable $day): string
    {
        return $day->format(match ($this) {
            self::YearFirst => 'Y F j',
            self::DayFirst => 'j F Y',
            self::MonthFirst => 'F j, Y',
        });
    }

    /**
     * The order that reads most of them; where several do, the one that is usual here.
     *
     * @param  list<string>  $written
     */
    public static function guessed(array $written, self $usual = self::DayFirst): self
    {
        $best = $usual;
        $most = -1;
        foreach ([$usual, ...self::cases()] as $order) {
            $read = \count(array_filter($written, static fn (string $one): bool => $order->read($one) !== null));
            if ($read > $most) {
                [$best, $most] = [$order, $read];
            }
        }

        return $best;
    }

    /** Null where it is no day; a year of two figures lies in the hundred years that end with this one. */
    public function read(string $written): ?CarbonImmutable
    {
        if (preg_match(self::FIGURES, $written, $parts) !== 1) {
            return null;
        }
        [$one, $two, $three] = [$parts[1], $parts[2], $parts[3]];
        // Four figures can only be the year.
        [$year, $month, $day] = match (\strlen($one) === 4 ? self::YearFirst : $this) {
            self::YearFirst => [$one, $two, $three],
            self::DayFirst => [$three, $two, $one],
            self::MonthFirst => [$three, $one, $two],
        };
        if (\strlen($year) !== 4 && \strlen($year) !== 2 || \strlen($day) > 2 || \strlen($month) > 2) {
            return null;
        }
        $full = (int) $year;
        if (\strlen($year) === 2) {
            $now = (int) date('Y');
            $full += intdiv($now, 100) * 100;
            $full -= $full > $now ? 100 : 0;
        }

        return checkdate((int) $month, (int) $day, $full)
            ? CarbonImmutable::create($full, (int) $month, (int) $day)
            : null;
    }
}
