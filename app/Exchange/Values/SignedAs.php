<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** How an examination arrives that was signed where it was recorded. */
enum SignedAs: string
{
    /** Closed: part of the knee's past, signed by nobody here. */
    case History = 'history';

    /** To be gone through and signed here. */
    case Draft = 'draft';
}
