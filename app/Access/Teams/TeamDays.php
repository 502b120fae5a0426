<?php

declare(strict_types=1);

namespace App\Access\Teams;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\DateOrder;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;

/**
 * Days as a team lives them. What is stored are moments in UTC; which day one belongs to, and what today is, follows from
 * the team's zone. A day without a time is a date at midnight UTC, wherever the team is.
 */
final readonly class TeamDays
{
    /** @param  string  $zone  of the IANA database, such as `Europe/Berlin` */
    public function __construct(public string $zone = 'UTC', public DateOrder $order = DateOrder::DayFirst)
    {
    }

    public static function of(Team $team): self
    {
        return new self($team->settings->timeZone, $team->settings->dateOrder);
    }

    /** @param  string  $id  of a team, whether or not someone of it is logged in */
    public static function ofTeam(string $id): self
    {
        $user = Auth::user();
        $here = $user instanceof User ? $user->membership?->team : null;

        return $here?->id === $id ? self::of($here) : self::of(Team::query()->findOrFail($id));
    }

    /** Of the team that someone is at work in; UTC where nobody is logged in. */
    public static function here(): self
    {
        $user = Auth::user();
        $team = $user instanceof User ? $user->membership?->team : null;

        return $team === null ? new self : self::of($team);
    }

    public function today(): CarbonImmutable
    {
        return $this->day(Date::now());
    }

    /** The day that a moment belongs to. */
    public function day(CarbonImmutable $moment): CarbonImmutable
    {
        return CarbonImmutable::parse($this->local($moment)->format('Y-m-d'), 'UTC');
    }

    /** When a day begins. */
    public function begins(CarbonImmutable $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day->format('Y-m-d'), $this->zone)->utc();
    }

    /** Whole days from one moment to a later one, as a calendar counts them: over midnight it is one. */
    public function between(CarbonImmutable $from, CarbonImmutable $to): int
    {
        return (int) $this->day($from)->diffInDays($this->day($to));
    }

    /** The day of a moment, as it is written here. */
    public function written(CarbonImmutable $moment): string
    {
        return $this->order->written($this->local($moment));
    }

    /** With hour and zone. */
    public function writtenWithTime(CarbonImmutable $moment): string
    {
        return "{$this->written($moment)}, {$this->local($moment)->format('H:i T')}";
    }

    private function local(CarbonImmutable $moment): CarbonImmutable
    {
        return $moment->setTimezone($this->zone);
    }
}
