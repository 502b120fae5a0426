<?php

declare(strict_types=1);

namespace App\Clinic\Policies;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Models\Examination;
use Illuminate\Auth\Access\Response;

/** What a member may do with an examination. Another team's is not there at all: see TeamScope. */
final class ExaminationPolicy
{
    public function view(User $user, Examination $examination): Response
    {
        return self::ofTeam($user, $examination);
    }

    public function record(User $user, Examination $examination): Response
    {
        return self::ofTeam($user, $examination);
    }

    public function sign(User $user, Examination $examination): Response
    {
        return $user->can(Ability::Sign)
            ? self::ofTeam($user, $examination)
            : Response::deny(Ability::Sign->refusal());
    }

    private static function ofTeam(User $user, Examination $examination): Response
    {
        return $user->can(Ability::Examine) && $examination->team_id === $user->teamId()
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
