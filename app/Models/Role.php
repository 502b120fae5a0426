<?php

declare(strict_types=1);

namespace App\Models;

/** What a member of a team may do. */
enum Role: string
{
    case Lead = 'lead';
    case Practitioner = 'practitioner';
    case Student = 'student';
}
