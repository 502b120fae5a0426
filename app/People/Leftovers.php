<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Invitation;
use App\Models\Reset;
use App\Models\Save;
use App\Models\TeamScope;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * Removes what was needed for a while: keys of saves, which a device sends again for days but not for months; links
 * that open nothing any more; what the cache forgot to drop. No record is among it.
 */
final class Leftovers
{
    private const SAVES_DAYS = 60;

    private const LINKS_DAYS = 30;

    public function __invoke(): void
    {
        $now = Date::now();
        Save::query()->where('created_at', '<', $now->subDays(self::SAVES_DAYS))->delete();
        Reset::query()->where('expires_at', '<', $now->subDays(self::LINKS_DAYS))->delete();
        Invitation::query()->withoutGlobalScope(TeamScope::class)
            ->where('expires_at', '<', $now->subDays(self::LINKS_DAYS))->delete();
        DB::table('cache')->where('expiration', '<', $now->getTimestamp())->delete();
    }
}
