<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** Where and when the knee is seen: it decides how likely each injury is beforehand. */
enum Setting: string
{
    case AcuteTrauma = 'acute_trauma';
    case OlderTrauma = 'older_trauma';
    case Gradual = 'gradual';
    case Specialist = 'specialist';
    case Touchline = 'touchline';
    case OlderKnee = 'older_knee';

    /** Whether the days since the injury alone decide it. */
    public function followsDays(): bool
    {
        return in_array($this, [self::AcuteTrauma, self::OlderTrauma, self::Gradual], true);
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
}
