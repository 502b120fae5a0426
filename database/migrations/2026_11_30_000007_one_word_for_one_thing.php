<?php

declare(strict_types=1);

use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditKey;
use App\Platform\Audit\AuditLog;
use App\Platform\Audit\HashChain;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\Encrypter;
use App\Platform\Encryption\MasterKey;
use App\Platform\Encryption\OwnSecret;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Tables and columns of a database that was made under their earlier names. What is encrypted is bound to the name of
 * its table and column, so it is encrypted again; a database made since has nothing to rename.
 */
return new class extends Migration
{
    private const TABLES = [
        'findings' => 'records', 'outcomes' => 'reference_results', 'assessments' => 'snapshots',
        'deeds' => 'audit_entries', 'deed_chains' => 'audit_chains',
    ];

    private const COLUMNS = [
        'audit_entries' => ['what' => 'event', 'previous' => 'previous_hash', 'seal' => 'hash'],
        'audit_chains' => ['seal' => 'hash'],
        'users' => ['email_print' => 'email_hash'],
        'athletes' => ['born_print' => 'born_hash'],
        'invitations' => ['token_print' => 'token_hash'],
        'resets' => ['token_print' => 'token_hash'],
        'calendars' => ['token_print' => 'token_hash'],
        'shared_pages' => ['token_print' => 'token_hash'],
        'attachments' => ['outcome_id' => 'reference_result_id'],
        'secrets' => ['sealed' => 'encrypted'],
        'key_checks' => ['sealed' => 'encrypted'],
    ];

    public function up(): void
    {
        if (! Schema::hasTable('deeds')) {
            return;
        }
        foreach (['update', 'delete'] as $event) {
            DB::unprepared("DROP TRIGGER IF EXISTS deeds_stay_{$event}");
        }
        foreach (self::TABLES as $old => $new) {
            Schema::rename($old, $new);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $old => $new) {
                Schema::table($table, static fn (Blueprint $table) => $table->renameColumn($old, $new));
            }
        }
        DB::transaction($this->encryptAgain(...));
        // Without a key of their own they are hashed anew by the next migration.
        $broken = DB::table('secrets')->where('id', OwnSecret::AUDIT)->exists() ? DB::transaction($this->hashAgain(...)) : [];
        foreach (['update', 'delete'] as $event) {
            DB::unprepared("CREATE TRIGGER audit_entries_stay_{$event} BEFORE {$event} ON audit_entries FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'audit entries stay as they are'");
        }
        $log = app(AuditLog::class);
        foreach ($broken as $team => $count) {
            $log->record(AuditEvent::HashesRenewed, null, ['not as hashed before' => $count], null, $team === HashChain::NO_TEAM ? null : $team);
        }
    }

    public function down(): void
    {
        throw new RuntimeException('What is encrypted under the new names is not encrypted under the earlier ones: restore a backup.');
    }

    /**
     * Until now the hash of an entry left out the hash before it: one could be taken out and its neighbours linked. What
     * was written is hashed again as it stands, and how much of it did not bear its old hash is written down.
     *
     * @return array<string, int> entries that did not, by team
     */
    private function hashAgain(): array
    {
        $ends = $old = $broken = [];
        foreach (AuditEntry::query()->orderBy('id')->lazy(500) as $entry) {
            $team = $entry->team_id ?? HashChain::NO_TEAM;
            $isSound = $entry->previous_hash === ($old[$team] ?? AuditEntry::NONE) && $entry->hash === self::before($entry);
            $broken[$team] = ($broken[$team] ?? 0) + (int) ! $isSound;
            $old[$team] = $entry->hash;
            $entry->previous_hash = $ends[$team]['hash'] ?? AuditEntry::NONE;
            $ends[$team] = ['hash' => $entry->computeHash(), 'count' => ($ends[$team]['count'] ?? 0) + 1];
            DB::table('audit_entries')->where('id', $entry->id)->update([
                'previous_hash' => $entry->previous_hash, 'hash' => $ends[$team]['hash'],
            ]);
        }
        foreach ($ends as $team => $end) {
            DB::table('audit_chains')->where('team_id', $team)->update($end);
        }

        return $broken;
    }

    private static function before(AuditEntry $entry): string
    {
        $detail = $entry->detail;
        ksort($detail);

        return hash_hmac('sha256', json_encode([
            [], $entry->team_id, $entry->user_id, $entry->event->value, $entry->subject, $detail, $entry->address, $entry->at,
        ], JSON_THROW_ON_ERROR), AuditKey::bytes());
    }

    private function encryptAgain(): void
    {
        $keys = app(AthleteKeys::class);
        $this->bindAnew(
            DB::table('records')->join('examinations', 'examinations.id', '=', 'records.examination_id')
                ->join('episodes', 'episodes.id', '=', 'examinations.episode_id'),
            'findings', 'records', ['payload'], $keys->ofAthlete(...), 'episodes.athlete_id',
        );
        $this->bindAnew(
            DB::table('snapshots')->join('examinations', 'examinations.id', '=', 'snapshots.examination_id')
                ->join('episodes', 'episodes.id', '=', 'examinations.episode_id'),
            'assessments', 'snapshots', ['payload', 'problem'], $keys->ofAthlete(...), 'episodes.athlete_id',
        );
        $this->bindAnew(
            DB::table('reference_results'), 'outcomes', 'reference_results', ['content'], $keys->ofAthlete(...), 'athlete_id',
        );
        $master = app(MasterKey::class);
        foreach (DB::table('secrets')->get() as $secret) {
            [$id, $text] = [$secret->id, $secret->encrypted];
            \assert(\is_string($id) && \is_string($text));
            DB::table('secrets')->where('id', $id)->update([
                'encrypted' => $master->encrypt($master->decrypt($text, "secrets.sealed.{$id}"), "secrets.encrypted.{$id}"),
            ]);
        }
    }

    /**
     * @param  list<string>  $columns
     * @param  callable(string): Encrypter  $key  of an athlete
     */
    private function bindAnew(
        Builder $rows, string $old, string $new, array $columns, callable $key, string $athlete,
    ): void {
        $wanted = ["{$new}.id", "{$athlete} as whose", ...array_map(static fn (string $one): string => "{$new}.{$one}", $columns)];
        // Of an athlete who is erased nothing opens any more, and nothing is kept.
        $rows->whereIn($athlete, DB::table('athletes')->whereNotNull('data_key')->select('id'));
        foreach ($rows->select($wanted)->lazyById(200, "{$new}.id", 'id') as $row) {
            [$id, $whose, $texts] = [$row->id, $row->whose, []];
            \assert(\is_string($id) && \is_string($whose));
            foreach ($columns as $column) {
                $text = $row->{$column};
                if (\is_string($text)) {
                    $plain = $key($whose)->decrypt($text, "{$old}.{$column}.{$id}");
                    $texts[$column] = $key($whose)->encrypt($plain, "{$new}.{$column}.{$id}");
                }
            }
            $texts === [] || DB::table($new)->where('id', $id)->update($texts);
        }
    }
};
