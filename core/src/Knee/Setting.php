<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/**
 * Where and when the knee is seen: it decides how likely each injury is beforehand.
 * The age is a working estimate.
 */
enum Setting: string
{
    /** Above this age a knee that hurts without an injury is weighed as an older one. */
    public const OLDER_KNEE_YEARS = 45;

    case AcuteTrauma = 'acute_trauma';
    case OlderTrauma = 'older_trauma';
    case Gradual = 'gradual';
    case Specialist = 'specialist';
    case Touchline = 'touchline';
    case OlderKnee = 'older_knee';

    /** Whether the days since the injury alone decide it. */
    public function followsDays(): bool
    {
        return \in_array($this, [self::AcuteTrauma, self::OlderTrauma, self::Gradual], true);
    }

    /** The setting of a knee seen so many days after its injury; null days: it came on without one. */
    public static function byDays(?int $daysSinceInjury): self
    {
        return match (true) {
            $daysSinceInjury === null => self::Gradual,
            $daysSinceInjury <= Phase::LAST_ACUTE_DAY => self::AcuteTrauma,
            default => self::OlderTrauma,
        };
    }

    /**
     * Where an examination begins unless someone chooses otherwise.
     *
     * @param  int|null  $daysSinceInjury  null: it came on without one
     */
    public static function preset(?int $daysSinceInjury, int $ageYears, bool $atTheTouchline): self
    {
        return match (true) {
            $atTheTouchline && $daysSinceInjury === 0 => self::Touchline,
            $daysSinceInjury === null && $ageYears > self::OLDER_KNEE_YEARS => self::OlderKnee,
            default => self::byDays($daysSinceInjury),
        };
    }

    /**
     * With which an examination begins where nothing else was chosen: off the touchline that of the team, if it has one.
     *
     * @param  int|null  $daysSinceInjury  null: it came on without one
     */
    public static function atStart(?self $ofTeam, ?int $daysSinceInjury, int $ageYears, bool $atTheTouchline): self
    {
        return ($atTheTouchline ? null : $ofTeam) ?? self::preset($daysSinceInjury, $ageYears, $atTheTouchline);
    }
}
