<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Models\User;

/** What encrypts the things that a person's device keeps: the same at every log-in, and never stored on the device. */
final class DeviceKey
{
    /** 32 bytes in base64. */
    public static function of(User $user): string
    {
        return $user->ownSecret();
    }
}
