<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum ProposalKind: string
{
    /** What a knee turned out to have. */
    case Result = 'result';

    /** Something to do for an athlete. */
    case FollowUp = 'follow_up';

    /** What became of something that is due: done, sent, moved, or let go. */
    case Change = 'change';
}
