<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

/** Whether a requirement holds; open: not asked or not done. */
enum Gate: string
{
    case Met = 'met';
    case NotMet = 'not_met';
    case Open = 'open';
}
