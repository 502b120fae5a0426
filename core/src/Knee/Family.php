<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** Manoeuvres that load the knee alike, and so are off limits for the same reasons. */
enum Family: string
{
    case Look = 'look';
    case Neurovascular = 'neurovascular';
    case Touch = 'touch';
    case Fluid = 'fluid';
    case Range = 'range';
    case Strength = 'strength';
    case Stress = 'stress';
    case Drawer = 'drawer';
    case Compression = 'compression';
    case Twist = 'twist';
    case Pivot = 'pivot';
    case Loaded = 'loaded';
    case Screen = 'screen';
}
