<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use Illuminate\Contracts\Auth\Factory;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;

/**
 * Writes down who did what. It belongs into the transaction of what was done, at its end: then either both are
 * there or neither, and a team's chain is held for no longer than it takes to commit.
 */
final readonly class AuditLog
{
    public function __construct(
        private Connection $database,
        private Factory $auth,
        private Request $request,
        private ChainHeads $heads,
    ) {
    }

    /**
     * @param  string|null  $subject  id of what it was done to
     * @param  array<string, string|int|bool>  $detail  codes and counts, never what was found
     * @param  Actor|null  $by  who, where it is not the user who is logged in
     * @param  string|null  $of  id of the team, where nobody is logged in
     */
    public function record(
        AuditEvent $event, ?string $subject = null, array $detail = [], ?Actor $by = null, ?string $of = null,
    ): void {
        $user = $by ?? $this->auth->guard()->user();
        $user = $user instanceof Actor ? $user : null;
        $team = $user?->actorTeam() ?? $of;
        $write = function () use ($event, $subject, $detail, $user, $team): void {
            $chain = self::chain($team ?? HashChain::NO_TEAM);
            $entry = new AuditEntry([
                'team_id' => $team,
                'user_id' => $user?->actorId(),
                'event' => $event,
                'subject' => $subject,
                'detail' => $detail,
                'address' => app()->runningInConsole() && ! app()->runningUnitTests()
                    ? 'console'
                    : (string) $this->request->ip(),
                'at' => Date::now('UTC')->format('Y-m-d H:i:s.v'),
                'previous_hash' => $chain->hash,
            ]);
            $entry->hash = $entry->computeHash();
            $entry->save();
            $chain->forceFill(['hash' => $entry->hash, 'count' => $chain->count + 1])->save();
            $this->database->afterCommit(fn () => $this->heads->keep($chain->team_id, $chain->count, $chain->hash));
        };
        // Inside a transaction a savepoint would be set for nothing.
        $this->database->transactionLevel() > 0 ? $write() : $this->database->transaction($write);
    }

    /** Locked at once, for a lock that is shared first and wanted alone later lets two savers wait for each other. */
    private static function chain(string $team): HashChain
    {
        $chain = HashChain::query()->lockForUpdate()->find($team);
        if ($chain === null) {
            HashChain::query()->insertOrIgnore(['team_id' => $team, 'hash' => AuditEntry::NONE, 'count' => 0]);
            $chain = HashChain::query()->lockForUpdate()->findOrFail($team);
        }

        return $chain;
    }
}
