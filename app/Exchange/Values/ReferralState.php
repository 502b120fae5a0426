<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** How it stands with a referral that goes to the hospital. */
enum ReferralState: string
{
    /** Not taken by the hospital yet; it is tried again. */
    case Waiting = 'waiting';

    /** The hospital has it. */
    case Sent = 'sent';

    /** The hospital reported what it found; nobody has added it to the record yet. */
    case Answered = 'answered';

    /** The hospital will not do it. */
    case Declined = 'declined';

    /** Its result is part of the record. */
    case Added = 'added';

    /** The hospital refused it, or did not take it within a day. */
    case Failed = 'failed';
}
