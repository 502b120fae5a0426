<?php

declare(strict_types=1);

namespace App\Clinic\Models;

enum ExaminationStatus: string
{
    case Draft = 'draft';

    /** Closed for good. */
    case Signed = 'signed';
}
