<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Access\Models\User;

/** Of accounts, whatever team they are in. */
final class AccountNames implements NamesSubjects
{
    public function names(array $ids): array
    {
        $names = [];
        foreach (User::query()->without('membership')->whereKey($ids)->get() as $user) {
            $names[$user->id] = $user->name;
        }

        return $names;
    }
}
