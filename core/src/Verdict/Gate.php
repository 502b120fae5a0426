<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

/** Whether a requirement holds; open: not asked or not done. */
enum Gate: string
{
    case Met = 'met';
    case NotMet = 'not_met';
    case Open = 'open';
}
