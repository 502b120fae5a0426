<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** How it happened. */
enum Mechanism: string
{
    case TwistOnPlantedFoot = 'twist_on_planted_foot';
    case RotationalTrauma = 'rotational_trauma';
    case ValgusBlow = 'valgus_blow';
    case VarusBlow = 'varus_blow';
    case ShinBlowBentKnee = 'shin_blow_bent_knee';
    case Hyperextension = 'hyperextension';
    case BuckledInward = 'buckled_inward';
    case BuckledOutward = 'buckled_outward';
    case NoneRecalled = 'none_recalled';

    /** The sign of its own, or null for one that is weighed as others. */
    public function finding(): ?string
    {
        return match ($this) {
            self::NoneRecalled, self::BuckledInward, self::BuckledOutward => null,
            default => "story_{$this->value}",
        };
    }

    /**
     * All mechanisms that telling this one makes positive.
     *
     * @return list<self>
     */
    public function implies(): array
    {
        return match ($this) {
            self::NoneRecalled => [],
            self::BuckledInward => [self::ValgusBlow, self::TwistOnPlantedFoot],
            self::BuckledOutward => [self::VarusBlow],
            default => [$this],
        };
    }

    /** As it stands in a note. */
    public function words(): string
    {
        return match ($this) {
            self::TwistOnPlantedFoot => 'twist on the planted foot',
            self::RotationalTrauma => 'rotational trauma',
            self::ValgusBlow => 'valgus blow',
            self::VarusBlow => 'varus blow',
            self::ShinBlowBentKnee => 'blow on the shin of the bent knee',
            self::Hyperextension => 'hyperextension',
            self::BuckledInward => 'knee buckled inward',
            self::BuckledOutward => 'knee buckled outward',
            self::NoneRecalled => 'no mechanism recalled',
        };
    }
}
