<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Support\Facades\Auth;

/** Records of a team: for everybody else, and where nobody is logged in, they do not exist. */
final class TeamScope implements Scope
{
    /**
     * @param  Builder<Model>  $builder
     */
    public function apply(Builder $builder, Model $model): void
    {
        $user = Auth::user();
        if ($user instanceof InTeam) {
            $builder->where($model->qualifyColumn('team_id'), $user->teamId());
        } else {
            $builder->whereRaw('1 = 0');
        }
    }
}
