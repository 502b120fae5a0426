<?php

declare(strict_types=1);

namespace App\Trust\Policies;

use App\Access\Models\User;
use App\Access\Values\Ability;
use Illuminate\Auth\Access\Response;

/** Who may see who did what. */
final class AuditEntryPolicy
{
    public function viewAny(User $user): Response
    {
        return $user->can(Ability::ReadLog)
            ? Response::allow()
            : Response::deny(Ability::ReadLog->refusal());
    }
}
