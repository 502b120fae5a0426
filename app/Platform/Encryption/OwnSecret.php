<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Random bytes that belong to the whole record and outlive its key, kept sealed by it under a name. */
final class OwnSecret
{
    private const TABLE = 'secrets';

    private const BYTES = 32;

    /** What addresses are found by. */
    public const ADDRESSES = 'addresses';

    /** What deeds are sealed by: whoever has the database alone writes none anew. */
    public const DEEDS = 'deeds';

    /** @var array<string, string> by what is sealed: a worker that lives long need not open it twice */
    private static array $opened = [];

    /** @return string 32 bytes */
    public static function of(string $name): string
    {
        $sealed = DB::table(self::TABLE)->where('id', $name)->value('sealed');
        if (! is_string($sealed)) {
            throw new RuntimeException("The secret {$name} is missing: run the migrations.");
        }

        return self::$opened[$sealed] ??= App::make(MasterKey::class)->open($sealed, self::place($name));
    }

    public static function make(string $name): void
    {
        $sealed = App::make(MasterKey::class)->close(random_bytes(self::BYTES), self::place($name));
        DB::table(self::TABLE)->insertOrIgnore(['id' => $name, 'sealed' => $sealed]);
    }

    private static function place(string $name): string
    {
        return self::TABLE.".sealed.{$name}";
    }
}
