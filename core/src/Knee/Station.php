<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** A position of the body with its manoeuvres; case order is the order of the route. */
enum Station: string
{
    case FirstLook = 'first_look';
    case Standing = 'standing';
    case SupineStraight = 'supine_straight';
    case SupineRightAngle = 'supine_right_angle';
    case SupineSlightBend = 'supine_slight_bend';
    case SupineMoving = 'supine_moving';
    case SideLying = 'side_lying';
    case Prone = 'prone';
    case Sitting = 'sitting';
    case Loaded = 'loaded';
    case Closing = 'closing';

    public function label(): string
    {
        return match ($this) {
            self::FirstLook => 'First look',
            self::Standing => 'Standing',
            self::SupineStraight => 'Supine, straight',
            self::SupineRightAngle => 'Supine, 90°',
            self::SupineSlightBend => 'Supine, 20–30°',
            self::SupineMoving => 'Supine, moving',
            self::SideLying => 'Side lying',
            self::Prone => 'Prone',
            self::Sitting => 'Sitting',
            self::Loaded => 'Loaded',
            self::Closing => 'Closing',
        };
    }

    public function position(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
