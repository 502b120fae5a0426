<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The user who is logged in, with their place in the team and the team itself, by one query: every request needs them. */
final class MemberProvider extends EloquentUserProvider
{
    private const MEMBERSHIP = ['id', 'team_id', 'user_id', 'role', 'ended_at', 'created_at', 'updated_at'];

    private const TEAM = ['id', 'name', 'asks_second_factor', 'settings', 'secret', 'created_at', 'updated_at'];

    /**
     * @param  mixed  $identifier
     */
    public function retrieveById($identifier): ?User
    {
        $row = DB::table('users')
            ->leftJoin('memberships', static fn (JoinClause $join): JoinClause => $join
                ->on('memberships.id', '=', 'users.membership_id')->whereNull('memberships.ended_at'))
            ->leftJoin('teams', 'teams.id', '=', 'memberships.team_id')
            ->where('users.id', $identifier)
            ->first([
                'users.*',
                ...self::columns('memberships', self::MEMBERSHIP),
                ...self::columns('teams', self::TEAM),
            ]);
        if ($row === null) {
            return null;
        }
        $membership = self::taken($row, 'memberships', self::MEMBERSHIP);
        $team = self::taken($row, 'teams', self::TEAM);
        $user = (new User)->newFromBuilder(self::named($row));
        if ($membership['id'] === null) {
            return $user->setRelation('membership', null);
        }
        $place = (new Membership)->newFromBuilder($membership);

        return $user->setRelation('membership', $place->setRelation('team', (new Team)->newFromBuilder($team)));
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function columns(string $table, array $columns): array
    {
        return array_map(static fn (string $column): string => "{$table}.{$column} as {$table}_{$column}", $columns);
    }

    /**
     * Takes what belongs to another table out of the row.
     *
     * @param  list<string>  $columns
     * @return array<string, mixed>
     */
    private static function taken(object $row, string $table, array $columns): array
    {
        $taken = [];
        foreach ($columns as $column) {
            $taken[$column] = $row->{"{$table}_{$column}"};
            unset($row->{"{$table}_{$column}"});
        }

        return $taken;
    }

    /**
     * @return array<string, mixed>
     */
    private static function named(object $row): array
    {
        $columns = [];
        foreach (get_object_vars($row) as $name => $value) {
            $columns[(string) $name] = $value;
        }

        return $columns;
    }
}
