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
            self::Frame => __('clinic.sectionName.setting_and_route'),
            self::Opening => __('clinic.sectionName.before_hands_on'),
            self::Episode => __('clinic.sectionName.how_it_happened'),
            self::History => __('clinic.sectionName.history'),
            self::Safety => __('clinic.sectionName.safety_check'),
            self::EarlierFinding => __('clinic.sectionName.findings_by_others'),
            self::PulseChecks => __('clinic.sectionName.pulse_at_the_foot'),
        };
    }

    /** Whether it is kept as a list of entries. */
    public function isList(): bool
    {
        return $this === self::EarlierFinding || $this === self::PulseChecks;
    }
}
