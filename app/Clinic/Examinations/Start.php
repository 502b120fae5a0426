<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use Carbon\CarbonImmutable;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;

/** The few facts with which an examination begins. */
final readonly class Start
{
    /** So long an examination may wait on a device before it comes here. */
    private const KEPT_DAYS = 90;

    /**
     * @param  Side  $hurtSide  left or right
     * @param  int|null  $daysSinceInjury  0 or more; null: it came on without an injury
     * @param  Setting|null  $setting  null: the team's, or the one that follows from days, age and route
     * @param  string|null  $id  ULID that a device chose; null: one is made
     * @param  CarbonImmutable|null  $at  when it was begun on a device that was offline; null: now
     *
     * @throws Refusal where a baseline is to begin with an injury, and where it was begun too long ago
     */
    public function __construct(
        public Side $hurtSide,
        public ?int $daysSinceInjury,
        public Route $route,
        public ?Setting $setting = null,
        public ?string $id = null,
        public ?CarbonImmutable $at = null,
    ) {
        if ($route->isBaseline() && $daysSinceInjury !== null) {
            throw Refusal::at('daysSinceInjury', __('clinic.start.a_baseline_is_of_sound_knees'));
        }
        if ($at?->isBefore(CarbonImmutable::now()->subDays(self::KEPT_DAYS)) === true) {
            throw Refusal::at('at', __('clinic.start.begun_too_long_ago', ['days' => self::KEPT_DAYS]));
        }
    }

    /** When it begins; a device whose clock is ahead began it now. */
    public function moment(): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $this->at === null || $this->at->isAfter($now) ? $now : $this->at->utc();
    }

    /**
     * @param  Setting|null  $ofTeam  with which it begins off the touchline
     * @param  int  $age  of the athlete, in years
     */
    public function setting(?Setting $ofTeam, int $age): Setting
    {
        return $this->setting
            ?? Setting::atStart($ofTeam, $this->daysSinceInjury, $age, $this->route->isTouchline());
    }
}
