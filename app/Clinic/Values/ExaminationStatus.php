<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum ExaminationStatus: string
{
    case Draft = 'draft';

    /** Closed for good. */
    case Signed = 'signed';
}
