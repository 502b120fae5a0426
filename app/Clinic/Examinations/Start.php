<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;

/** The few facts with which an examination begins. */
final readonly class Start
{
    /**
     * @param  Side  $hurtSide  left or right
     * @param  int|null  $daysSinceInjury  0 or more; null: it came on without an injury
     * @param  Setting|null  $setting  null: the team's, or the one that follows from days, age and route
     *
     * @throws Refusal where a baseline is to begin with an injury
     */
    public function __construct(
        public Side $hurtSide,
        public ?int $daysSinceInjury,
        public Route $route,
        public ?Setting $setting = null,
    ) {
        if ($route->isBaseline() && $daysSinceInjury !== null) {
            throw Refusal::at('daysSinceInjury', __('clinic.start.a_baseline_is_of_sound_knees'));
        }
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
