<?php

declare(strict_types=1);

namespace App\Trust\Audit\Checks;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\ChainHeads;
use App\Platform\Audit\HashChain;

/** Each entry carries the hash of the one before it; none is missing at the end, by the chain's row and by its head kept outside. */
final readonly class Chains implements Check
{
    public function __construct(private ChainHeads $heads)
    {
    }

    public function faults(): iterable
    {
        $outside = $this->heads->all();
        $ends = [];
        foreach (AuditEntry::query()->orderBy('id')->lazy(1000) as $entry) {
            $team = $entry->team_id ?? HashChain::NO_TEAM;
            $end = $ends[$team] ?? ['hash' => AuditEntry::NONE, 'count' => 0];
            if ($entry->previous_hash !== $end['hash']) {
                yield "Entry {$entry->id} does not follow the one before it: something between them is gone.";
            }
            if ($entry->hash !== $entry->computeHash()) {
                yield "Entry {$entry->id} was changed after it was written.";
            }
            $ends[$team] = ['hash' => $entry->hash, 'count' => $end['count'] + 1];
            if (($outside[$team]['count'] ?? 0) === $ends[$team]['count']) {
                if ($outside[$team]['hash'] !== $entry->hash) {
                    yield "Entry {$entry->id} is not the one whose hash was kept outside the database.";
                }
                unset($outside[$team]);
            }
        }
        foreach ($outside as $team => $head) {
            $count = $ends[$team]['count'] ?? 0;
            yield "The chain of team {$team} ends too early: {$count} entries, and {$head['count']} by what is kept outside.";
        }
        yield from self::heads($ends);
    }

    /**
     * @param  array<string, array{hash: string, count: int}>  $ends
     * @return iterable<string>
     */
    private static function heads(array $ends): iterable
    {
        $chains = HashChain::query()->get()->keyBy('team_id');
        foreach ($chains as $team => $chain) {
            $end = $ends[$team] ?? ['hash' => AuditEntry::NONE, 'count' => 0];
            if ($end['hash'] !== $chain->hash || $end['count'] !== $chain->count) {
                yield "The chain of team {$team} ends too early: {$end['count']} entries of {$chain->count}.";
            }
        }
        foreach (Team::query()->get() as $team) {
            if (! $chains->has($team->id) && self::hasWorked($team->id)) {
                yield "The chain of team {$team->id} is gone.";
            }
        }
    }

    /** A team that was just made has done nothing yet. */
    private static function hasWorked(string $team): bool
    {
        return Membership::query()->where('team_id', $team)->exists();
    }
}
