<?php

declare(strict_types=1);

namespace App\Access\Accounts;

/** The made-up club's account, as everybody may read it. */
final class Demo
{
    public const EMAIL = 'physio@fenmoor.example';

    /** Someone who learns, with the same password. */
    public const STUDENT_EMAIL = 'student@fenmoor.example';

    public const PASSWORD = 'gray-compass-demo';
}
