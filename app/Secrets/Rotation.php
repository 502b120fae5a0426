<?php

declare(strict_types=1);

namespace App\Secrets;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/**
 * Seals everything anew under the key at hand, row by row, while the application goes on with the keys before it. It may
 * be stopped and begun again: what is under the new key already is left as it is.
 */
final class Rotation
{
    /** Every encrypted column, by table. A test holds this list against the casts of the models. */
    public const COLUMNS = [
        'teams' => ['secret'],
        'users' => ['secret'],
        'athletes' => ['name'],
        'examinations' => ['holds', 'signed_ungated'],
        'sections' => ['payload'],
        'findings' => ['payload'],
        'assessments' => ['payload', 'problem'],
    ];

    private const AT_ONCE = 200;

    /** How many rows there are to look at. */
    public function size(): int
    {
        return array_sum(array_map(static fn (string $table): int => DB::table($table)->count(), array_keys(self::COLUMNS)));
    }

    /**
     * @param  callable(): void  $looked  told after each row
     * @return int rows that were sealed anew
     *
     * @throws DecryptException where a row opens under none of the keys
     */
    public function run(callable $looked): int
    {
        $changed = 0;
        foreach (self::COLUMNS as $table => $columns) {
            DB::table($table)->select(['id', ...$columns])->orderBy('id')->chunkById(
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

    /**
     * @param  list<string>  $columns
     * @param  array<mixed>  $row
     */
    private function renew(string $table, array $columns, array $row): bool
    {
        $old = array_filter(
            array_intersect_key($row, array_flip($columns)),
            fn (mixed $sealed): bool => is_string($sealed) && ! $this->isNew($sealed),
        );
        if ($old === []) {
            return false;
        }
        $query = DB::table($table)->where('id', $row['id']);
        $new = [];
        foreach ($old as $column => $sealed) {
            // Changed by somebody meanwhile, it is under the new key already, and is not put back.
            $query->where($column, $sealed);
            $new[$column] = Crypt::encryptString(Crypt::decryptString($sealed));
        }

        return $query->update($new) === 1;
    }

    private function isNew(string $sealed): bool
    {
        $key = Config::string('app.key');
        $bytes = str_starts_with($key, 'base64:') ? (string) base64_decode(substr($key, 7), true) : $key;
        try {
            (new Encrypter($bytes, Config::string('app.cipher')))->decryptString($sealed);

            return true;
        } catch (DecryptException) {
            return false;
        }
    }
}
