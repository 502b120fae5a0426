<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Re-encrypts, under the key at hand, whatever is encrypted with the master key itself: the data keys of the athletes, and
 * what belongs to no athlete. It goes row by row, while the application goes on with the keys before it, and may be
 * stopped and begun again: what is under the new key already is left as it is.
 */
final readonly class KeyRotation
{
    /** Every column that is encrypted so, by table. A test holds this list against the casts of the models. */
    public const COLUMNS = [
        'secrets' => ['encrypted'],
        'teams' => ['secret'],
        'users' => ['secret', 'name', 'email', 'factor', 'recovery'],
        'invitations' => ['email'],
        'mails' => ['recipient', 'subject', 'message'],
        'doctors' => ['content'],
        'imports' => ['content', 'problem'],
        'record_imports' => ['origin', 'content', 'problem'],
        'erased_athletes' => ['reason'],
        'table_export_parts' => ['content'],
        'webhooks' => ['address', 'secret'],
        'athletes' => ['data_key'],
    ];

    /** Rows of these belong to an athlete where this column says so, and are encrypted with their data key. */
    private const OF_ATHLETES = ['mails' => 'athlete_id'];

    private const AT_ONCE = 200;

    public function __construct(private MasterKey $keys)
    {
    }

    /** How many rows there are to look at. */
    public function size(): int
    {
        return array_sum(array_map(static fn (string $table): int => self::rows($table)->count(), array_keys(self::COLUMNS)));
    }

    /**
     * @param  callable(): void  $looked  told after each row
     * @return int rows that were re-encrypted
     *
     * @throws DecryptionFailed where a row opens under none of the keys
     */
    public function run(callable $looked): int
    {
        $changed = 0;
        foreach (self::COLUMNS as $table => $columns) {
            self::rows($table)->select(['id', ...$columns])->orderBy('id')->chunkById(
                self::AT_ONCE,
                function (iterable $rows) use ($table, $columns, $looked, &$changed): void {
                    foreach ($rows as $row) {
                        $changed += (int) $this->renew($table, $columns, (array) $row);
                        $looked();
                    }
                },
            );
        }

        return $changed;
    }

    private static function rows(string $table): Builder
    {
        $rows = DB::table($table);

        return isset(self::OF_ATHLETES[$table]) ? $rows->whereNull(self::OF_ATHLETES[$table]) : $rows;
    }

    /**
     * @param  list<string>  $columns
     * @param  array<mixed>  $row
     */
    private function renew(string $table, array $columns, array $row): bool
    {
        $query = DB::table($table)->where('id', $row['id']);
        $id = is_string($row['id']) ? $row['id'] : '';
        $new = [];
        foreach ($columns as $column) {
            $place = "{$table}.{$column}.{$id}";
            $encrypted = $row[$column] ?? null;
            if (is_string($encrypted) && ! $this->keys->isNew($encrypted, $place)) {
                // Changed by someone meanwhile, it is under the new key already, and is not put back.
                $query->where($column, $encrypted);
                $new[$column] = $this->keys->encrypt($this->keys->decrypt($encrypted, $place), $place);
            }
        }

        return $new !== [] && $query->update($new) === 1;
    }
}
