<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Whether the key at hand opens what this database holds. A new database takes the key that it is first opened with. */
final class KeyCheck
{
    private const LINE = 'gray-compass';

    private const TABLE = 'key_checks';

    public function passes(): bool
    {
        $encrypted = DB::table(self::TABLE)->value('encrypted');
        if (is_string($encrypted)) {
            return self::decrypts($encrypted) === self::LINE;
        }
        // From before there was a check: a record that is there already speaks for it.
        $athlete = DB::table('athletes')->first(['id', 'data_key']);
        if ($athlete !== null && ! self::isKeyOf((array) $athlete)) {
            return false;
        }
        $this->renew();

        return true;
    }

    /** Encrypts the line under the key at hand, in place of any other. */
    public function renew(): void
    {
        DB::transaction(static function (): void {
            DB::table(self::TABLE)->delete();
            DB::table(self::TABLE)->insert(['encrypted' => Crypt::encryptString(self::LINE), 'created_at' => Date::now()]);
        });
    }

    private static function decrypts(string $encrypted): ?string
    {
        try {
            return Crypt::decryptString($encrypted);
        } catch (DecryptException) {
            return null;
        }
    }

    /**
     * @param  array<mixed>  $athlete
     */
    private static function isKeyOf(array $athlete): bool
    {
        [$id, $encrypted] = [$athlete['id'] ?? '', $athlete['data_key'] ?? ''];
        try {
            App::make(AthleteKeys::class)->from(is_string($id) ? $id : '', is_string($encrypted) ? $encrypted : '');

            return true;
        } catch (DecryptionFailed) {
            return false;
        }
    }
}
