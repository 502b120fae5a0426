<?php

declare(strict_types=1);

namespace App\Clinic\History;

use App\Club\Athletes\WithoutHistory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;

/** An athlete has a history once an episode, a task or a proposal names them, removed ones too. */
final class WithoutRecords implements WithoutHistory
{
    private const NAMED_IN = ['episodes', 'tasks', 'proposals'];

    public function among(Builder $athletes): Builder
    {
        foreach (self::NAMED_IN as $table) {
            $athletes->whereNotExists(static fn (Rows $rows) => $rows->from($table)
                ->whereColumn("{$table}.athlete_id", 'athletes.id'));
        }

        return $athletes;
    }
}
