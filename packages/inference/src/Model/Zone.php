<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/** What a chance asks for, by the thresholds alone. */
enum Zone: string
{
    case RuledOut = 'ruled_out';
    case Investigate = 'investigate';
    case Act = 'act';
}
