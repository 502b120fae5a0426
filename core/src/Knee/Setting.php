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
}
