<?php

declare(strict_types=1);

namespace App\Clinic\Values;

/** The parts of an examination that are saved as a whole. */
enum SectionName: string
{
    case Frame = 'frame';
    case Opening = 'opening';
    case Episode = 'episode';
    case History = 'history';
    case Safety = 'safety';

    /** What others have found and told: `{entries: [...]}`. */
    case EarlierFinding = 'earlierFinding';

    /** The foot's pulse, each time it was felt for: `{entries: [...]}`. */
    case PulseChecks = 'pulseChecks';

    /** What the frame may hold; everything else has a part of its own. */
    public const FRAME = [
        'setting', 'settingChosen', 'route', 'timeLimitMin', 'hurtSide', 'daysSinceInjury', 'hoursSinceInjury',
        'ageYears',
        'otherKneeReliable', 'firstImpression', 'schools',
    ];

    public function label(): string
    {
        return match ($this) {
            self::Frame => 'setting and route',
            self::Opening => 'before hands-on',
            self::Episode => 'how it happened',
            self::History => 'history',
            self::Safety => 'safety check',
            self::EarlierFinding => 'what others found',
            self::PulseChecks => 'pulse of the foot',
        };
    }

    /** Whether it is kept as a list of entries. */
    public function isList(): bool
    {
        return $this === self::EarlierFinding || $this === self::PulseChecks;
    }
}
