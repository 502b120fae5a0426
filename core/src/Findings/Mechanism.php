<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** How it happened. */
enum Mechanism: string
{
    case TwistOnPlantedFoot = 'twist_on_planted_foot';
    case RotationalTrauma = 'rotational_trauma';
    case ValgusBlow = 'valgus_blow';
    case VarusBlow = 'varus_blow';
    case ShinBlowBentKnee = 'shin_blow_bent_knee';
    case Hyperextension = 'hyperextension';
    case NoneRecalled = 'none_recalled';

    /** The finding that it makes positive, or null. */
    public function finding(): ?string
    {
        return $this === self::NoneRecalled ? null : "story_{$this->value}";
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
            self::NoneRecalled => 'no mechanism recalled',
        };
    }
}
