<?php

declare(strict_types=1);

namespace App\Club\Policies;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Club\Models\Athlete;
use Illuminate\Auth\Access\Response;

/** What a member may do with an athlete. Another team's is not there at all: see TeamScope. */
final class AthletePolicy
{
    public function view(User $user, Athlete $athlete): Response
    {
        return self::ofTeam($user, $athlete);
    }

    public function examine(User $user, Athlete $athlete): Response
    {
        return self::ofTeam($user, $athlete);
    }

    /** Students see and examine; the lists are kept by those who answer for them. */
    public function create(User $user): Response
    {
        return self::keepsLists($user);
    }

    public function update(User $user, Athlete $athlete): Response
    {
        return self::keepsLists($user);
    }

    public function delete(User $user, Athlete $athlete): Response
    {
        return self::keepsLists($user);
    }

    private static function keepsLists(User $user): Response
    {
        return $user->can(Ability::KeepLists)
            ? Response::allow()
            : Response::deny(Ability::KeepLists->refusal());
    }

    private static function ofTeam(User $user, Athlete $athlete): Response
    {
        return $user->can(Ability::Examine) && $athlete->team_id === $user->teamId()
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
