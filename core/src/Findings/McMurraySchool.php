<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** How a McMurray sign is given to one meniscus. */
enum McMurraySchool: string
{
    case PainSite = 'pain_site';
    case Rotation = 'rotation';
    case Compression = 'compression';
    case RotationReversed = 'rotation_reversed';

    public function label(): string
    {
        return match ($this) {
            self::PainSite => 'by where it hurts',
            self::Rotation => 'by the rotation',
            self::Compression => 'by the side compressed',
            self::RotationReversed => 'by the rotation, reversed',
        };
    }
}
