<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

/** Whether the athlete may go on today. */
enum PlayAnswer: string
{
    case Stop = 'stop';
    case MayContinue = 'may_continue';
    case MayContinueSupported = 'may_continue_supported';
}
