<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use DateTimeImmutable;
use GrayCompass\Core\Examination\Schools\Schools;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;

/**
 * The facts of an examination that are known before a hand is laid on.
 *
 * @internal
 */
final readonly class Frame
{
    /**
     * @param  Setting  $setting  as it applies; it follows the days unless it was chosen
     * @param  Side  $hurtSide  left or right
     * @param  int<0, max>|null  $daysSinceInjury  null: came on without an injury
     * @param  float|null  $hoursSinceInjury  for the first day
     * @param  bool  $settingMoved  another setting was given than the days say
     * @param  DateTimeImmutable|null  $examinedOn  the day of the examination, where the document tells it
     * @param  bool  $dayIsMissing  an injury is told without its day: it is judged as on day 7, weighed as without one
     */
    public function __construct(
        public Setting $setting,
        public Side $hurtSide,
        public Route $route,
        public Schools $schools,
        public ?int $daysSinceInjury,
        public ?float $hoursSinceInjury = null,
        public ?int $ageYears = null,
        public bool $otherKneeReliable = true,
        public ?float $timeLimitMin = null,
        public ?Condition $firstImpression = null,
        public ?DateTimeImmutable $examinedOn = null,
        public string $settingChosen = '',
        public bool $settingMoved = false,
        public bool $dayIsMissing = false,
    ) {
    }

    /**
     * The same on another day; a setting that follows the days goes with it.
     *
     * @param  int<0, max>  $day  since the injury
     */
    public function onDay(int $day): self
    {
        $follows = $this->settingChosen === '' && $this->setting->followsDays();

        return new self(
            $follows ? Setting::byDays($day) : $this->setting,
            $this->hurtSide,
            $this->route,
            $this->schools,
            $day,
            $this->hoursSinceInjury,
            $this->ageYears,
            $this->otherKneeReliable,
            $this->timeLimitMin,
            $this->firstImpression,
            $this->examinedOn,
            $this->settingChosen,
            $this->settingMoved,
            $this->dayIsMissing,
        );
    }
}
