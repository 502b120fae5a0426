<?php

declare(strict_types=1);

namespace App\Trust\Audit;

/** Names one kind of thing that entries of the log are about. */
interface NamesSubjects
{
    /**
     * @param  list<string>  $ids  of whatever kind
     * @return array<string, string> names by id, of those that it knows
     */
    public function names(array $ids): array;
}
