<?php

declare(strict_types=1);

namespace App\Trust\Policies;

use App\Access\Models\User;
use App\Access\Values\Role;
use Illuminate\Auth\Access\Response;

/** Who may see who did what. */
final class DeedPolicy
{
    public function viewAny(User $user): Response
    {
        return $user->role() === Role::Lead
            ? Response::allow()
            : Response::deny('Only whoever leads the team sees who did what.');
    }
}
