<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Access\Values\Ability;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** A student works on examinations of their own: of everybody else's, and what followed from them, nothing exists. */
final class StudentScope implements Scope
{
    /**
     * @param  Builder<Model>  $builder
     */
    public function apply(Builder $builder, Model $model): void
    {
        $user = Auth::user();
        if ($user instanceof User) {
            self::narrow($builder, $model, $user);
        }
    }

    /**
     * For the person who is not logged in, but asks for someone.
     *
     * @template T of Model
     *
     * @param  Builder<T>  $builder
     */
    public static function narrow(Builder $builder, Model $model, User $user): void
    {
        // The person who opens no record at all is stopped at the door, and told why.
        if ($user->can(Ability::SeeOthers) || $user->cannot(Ability::Examine)) {
            return;
        }
        $own = static fn (string $column): Rows => DB::table('examinations')
            ->where('examiner_id', $user->id)->select($column);
        match (true) {
            $model instanceof Examination => $builder->where($model->qualifyColumn('examiner_id'), $user->id),
            $model instanceof Task => $builder->whereIn($model->qualifyColumn('examination_id'), $own('id')),
            $model instanceof ReferenceResult => $builder->whereIn($model->qualifyColumn('episode_id'), $own('episode_id')),
            $model instanceof Proposal => $builder->where($model->qualifyColumn('made_by'), $user->id),
            default => $builder->whereRaw('1 = 0'),
        };
    }
}
