<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum TaskKind: string
{
    /** The knee is to be examined again. */
    case LookAgain = 'look_again';

    /** Another person should see it. */
    case Referral = 'referral';

    /** Noted by hand. */
    case ByHand = 'by_hand';
}
