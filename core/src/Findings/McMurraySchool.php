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
}
