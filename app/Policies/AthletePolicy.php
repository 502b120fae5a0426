<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Athlete;
use App\Models\User;
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

    private static function ofTeam(User $user, Athlete $athlete): Response
    {
        return $athlete->team_id === $user->teamId() ? Response::allow() : Response::denyAsNotFound();
    }
}
