<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Encryption\OwnSecret;

/** The key of the audit log's hashes, decrypted once for each process: it does not change while the application runs. */
final class AuditKey
{
    private static ?string $bytes = null;

    /** @return string 32 bytes */
    public static function bytes(): string
    {
        return self::$bytes ??= OwnSecret::of(OwnSecret::AUDIT);
    }
}
