<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;

/**
 * Writes down who did what. It belongs into the transaction of what was done, at its end: then either both are
 * there or neither, and a team's chain is held for no longer than it takes to commit.
 *
 * @phpstan-import-type Says from AuditEntry
 */
final readonly class AuditLog
{
    public function __construct(
        private Connection $database,
        private Factory $auth,
        private Request $request,
        private ChainHeads $heads,
        private Dispatcher $events,
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
        $write = fn () => $this->write($team ?? HashChain::NO_TEAM, [
            'team_id' => $team,
            'user_id' => $user?->actorId(),
            'event' => $event->value,
            'subject' => $subject,
            'detail' => $detail,
            'address' => app()->runningInConsole() && ! app()->runningUnitTests()
                ? 'console'
                : (string) $this->request->ip(),
            'at' => Date::now('UTC')->format('Y-m-d H:i:s.v'),
        ]);
        // Inside a transaction a savepoint would be set for nothing.
        $this->database->transactionLevel() > 0 ? $write() : $this->database->transaction($write);
        $this->events->dispatch(new Recorded($event, $subject, $detail, $team));
    }

    /**
     * In plain statements: every save and every look at a record comes through here.
     *
     * @param  string  $chain  id of the team, or of the chain of what belongs to none
     * @param  Says  $says
     */
    private function write(string $chain, array $says): void
    {
        [$count, $last] = $this->end($chain);
        $hash = AuditEntry::hashOf($says, $last);
        $this->database->insert(
            'insert into audit_entries (team_id, user_id, event, subject, detail, address, at, previous_hash, hash)'
            .' values (?, ?, ?, ?, ?, ?, ?, ?, ?)',
            [
                $says['team_id'], $says['user_id'], $says['event'], $says['subject'],
                json_encode($says['detail'], JSON_THROW_ON_ERROR), $says['address'], $says['at'], $last, $hash,
            ],
        );
        $count++;
        $this->database->update('update audit_chains set hash = ?, count = ? where team_id = ?', [$hash, $count, $chain]);
        $this->database->afterCommit(fn () => $this->heads->keep($chain, $count, $hash));
    }

    /**
     * Locked at once, for a lock that is shared first and wanted alone later lets two savers wait for each other.
     *
     * @return array{int, string} number of entries of the chain so far, and the hash of the last
     */
    private function end(string $chain): array
    {
        $read = fn (): mixed => $this->database->selectOne(
            'select count, hash from audit_chains where team_id = ? for update', [$chain],
        );
        $end = $read();
        if ($end === null) {
            $this->database->insert(
                'insert ignore into audit_chains (team_id, hash, count) values (?, ?, 0)', [$chain, AuditEntry::NONE],
            );
            $end = $read();
        }

        /** @var object{count: int, hash: string} $end */
        return [$end->count, $end->hash];
    }
}
