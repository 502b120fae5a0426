<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;

/** Records of a team: for everybody else they do not exist. */
trait BelongsToTeam
{
    /**
     * @return Builder<static>
     */
    public static function ofTeam(string $teamId): Builder
    {
        return static::query()->where('team_id', $teamId);
    }

    /**
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?static
    {
        $user = Auth::user();

        return $user instanceof User
            ? static::ofTeam($user->teamId())->where($field ?? $this->getRouteKeyName(), $value)->first()
            : null;
    }
}
