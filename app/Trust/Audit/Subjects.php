<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Audit\AuditEntry;
use Illuminate\Container\Attributes\Tag;

/** Whose knee, or whose account, audit entries are about. */
final readonly class Subjects
{
    public const NAMED_BY = 'audit.names';

    /**
     * @param  iterable<NamesSubjects>  $known
     */
    public function __construct(#[Tag(self::NAMED_BY)] private iterable $known)
    {
    }

    /**
     * @param  list<AuditEntry>  $log  of the team that asks
     * @return array<string, string> names by id; an erased athlete has none
     */
    public function names(array $log): array
    {
        $ids = array_values(array_unique(array_filter(array_map(
            static fn (AuditEntry $entry): ?string => $entry->subject,
            $log,
        ))));
        $names = [];
        foreach ($this->known as $kind) {
            $names += $kind->names($ids);
        }

        return $names;
    }
}
