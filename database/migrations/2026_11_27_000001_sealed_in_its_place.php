<?php

declare(strict_types=1);

use App\Access\Values\Email;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\Encrypter;
use App\Platform\Encryption\MasterKey;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Whatever is known of an athlete is sealed by a key of their own, and everything sealed is bound to its place. Birth
 * dates, and the names and addresses of users, are sealed too. All of it, or nothing.
 */
return new class extends Migration
{
    private const BY_EXAMINATION = ['sections' => ['payload'], 'records' => ['payload'], 'snapshots' => ['payload', 'problem']];

    public function up(): void
    {
        DB::transaction(function (): void {
            $this->people();
            $this->athletes();
        });
        Schema::table('users', static fn (Blueprint $table) => $table->unique('email_hash'));
    }

    public function down(): void
    {
        throw new RuntimeException('What is sealed by a key of each athlete is not opened again: restore a backup.');
    }

    private function people(): void
    {
        $records = app(MasterKey::class);
        foreach ($this->rows(DB::table('teams'), 'secret') as $team) {
            $this->seal('teams', $team['id'], ['secret' => Crypt::decryptString($team['secret'])], $records);
        }
        foreach ($this->rows(DB::table('users'), 'secret', 'name', 'email') as $user) {
            ['id' => $id, 'name' => $name, 'email' => $email] = $user;
            $secret = Crypt::decryptString($user['secret']);
            $this->seal('users', $id, ['secret' => $secret, 'name' => $name, 'email' => $email], $records);
            DB::table('users')->where('id', $id)->update([
                'email_hash' => Email::hash($email),
                'membership_id' => DB::table('memberships')->where('user_id', $id)->orderBy('id')->value('id'),
            ]);
        }
    }

    private function athletes(): void
    {
        $keys = app(AthleteKeys::class);
        foreach ($this->rows(DB::table('athletes'), 'name', 'born_on') as $athlete) {
            $id = $athlete['id'];
            DB::table('athletes')->where('id', $id)->update(['data_key' => $made = $keys->make($id)]);
            $cipher = $keys->from($id, $made);
            $plain = ['name' => Crypt::decryptString($athlete['name']), 'born_on' => substr($athlete['born_on'], 0, 10)];
            $this->seal('athletes', $id, $plain, $cipher);
            $episodes = DB::table('episodes')->where('athlete_id', $id)->select('id');
            $this->examinations(DB::table('examinations')->whereIn('episode_id', $episodes), $cipher);
        }
    }

    private function examinations(Builder $examinations, Encrypter $cipher): void
    {
        foreach ($this->rows($examinations, 'holds', 'signed_ungated') as $row) {
            $this->anew('examinations', $row, $cipher);
            foreach (self::BY_EXAMINATION as $table => $columns) {
                foreach ($this->rows(DB::table($table)->where('examination_id', $row['id']), ...$columns) as $part) {
                    $this->anew($table, $part, $cipher);
                }
            }
        }
    }

    /**
     * What was sealed the way before.
     *
     * @param  array<string, string>  $row
     */
    private function anew(string $table, array $row, Encrypter $cipher): void
    {
        $this->seal($table, $row['id'], array_map(Crypt::decryptString(...), array_diff_key($row, ['id' => 0])), $cipher);
    }

    /**
     * @param  array<string, string>  $plain  by column
     */
    private function seal(string $table, string $id, array $plain, Encrypter $cipher): void
    {
        $encrypted = [];
        foreach ($plain as $column => $text) {
            $encrypted[$column] = $cipher->encrypt($text, "{$table}.{$column}.{$id}");
        }
        $encrypted === [] || DB::table($table)->where('id', $id)->update($encrypted);
    }

    /**
     * @return Generator<int, array<string, string>> with the id, and without what is null
     */
    private function rows(Builder $rows, string ...$columns): Generator
    {
        foreach ($rows->select(['id', ...$columns])->lazyById(200) as $row) {
            $texts = [];
            foreach ((array) $row as $column => $text) {
                is_string($text) && $texts[(string) $column] = $text;
            }
            yield $texts;
        }
    }
};
