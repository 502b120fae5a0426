<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Random bytes that belong to the whole record and outlive its key, kept encrypted with the master key under a name. */
final class OwnSecret
{
    private const TABLE = 'secrets';

    private const BYTES = 32;

    /** What addresses are found by. */
    public const ADDRESSES = 'addresses';

    /** What the audit log's hashes are keyed by: the database alone is not enough to write them anew. */
    public const AUDIT = 'deeds';

    /** @var array<string, string> by what is encrypted: a worker that lives long need not open it twice */
    private static array $opened = [];

    /** @return string 32 bytes */
    public static function of(string $name): string
    {
        $encrypted = DB::table(self::TABLE)->where('id', $name)->value('encrypted');
        if (! is_string($encrypted)) {
            throw new RuntimeException("The secret {$name} is missing: run the migrations.");
        }

        return self::$opened[$encrypted] ??= App::make(MasterKey::class)->decrypt($encrypted, self::place($name));
    }

    public static function make(string $name): void
    {
        $encrypted = App::make(MasterKey::class)->encrypt(random_bytes(self::BYTES), self::place($name));
        DB::table(self::TABLE)->insertOrIgnore(['id' => $name, 'encrypted' => $encrypted]);
    }

    private static function place(string $name): string
    {
        return self::TABLE.".encrypted.{$name}";
    }
}
