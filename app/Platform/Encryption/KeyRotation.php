<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Seals anew, under the key at hand, whatever the key of the records seals itself: the data keys of the athletes, and
 * what belongs to no athlete. It goes row by row, while the application goes on with the keys before it, and may be
 * stopped and begun again: what is under the new key already is left as it is.
 */
final readonly class KeyRotation
{
    /** Every column that is sealed so, by table. A test holds this list against the casts of the models. */
    public const COLUMNS = [
        'secrets' => ['sealed'],
        'teams' => ['secret'],
        'users' => ['secret', 'name', 'email', 'factor', 'recovery'],
        'invitations' => ['email'],
        'mails' => ['recipient', 'subject', 'message'],
        'doctors' => ['content'],
        'imports' => ['content', 'problem'],
        'erased_athletes' => ['reason'],
        'athletes' => ['data_key'],
    ];

    /** Rows of these belong to an athlete where this column says so, and are sealed by their data key. */
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
     * @return int rows that were sealed anew
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
            $sealed = $row[$column] ?? null;
            if (is_string($sealed) && ! $this->keys->isNew($sealed, $place)) {
                // Changed by somebody meanwhile, it is under the new key already, and is not put back.
                $query->where($column, $sealed);
                $new[$column] = $this->keys->close($this->keys->open($sealed, $place), $place);
            }
        }

        return $new !== [] && $query->update($new) === 1;
    }
}
