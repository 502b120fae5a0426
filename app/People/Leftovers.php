<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Attachment;
use App\Models\Doctor;
use App\Models\Export;
use App\Models\Invitation;
use App\Models\Letter;
use App\Models\Outcome;
use App\Models\Reset;
use App\Models\Save;
use App\Models\SharedPage;
use App\Models\StudentScope;
use App\Models\TeamScope;
use App\Records\Exports;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * Removes what was needed for a while: keys of saves, which a device sends again for days but not for months; links
 * that open nothing any more; an outcome that was removed, and nobody took back for a day; what the cache forgot to
 * drop.
 */
final class Leftovers
{
    private const SAVES_DAYS = 60;

    private const LINKS_DAYS = 30;

    private const REMOVED_DAYS = 1;

    public function __invoke(): void
    {
        $now = Date::now();
        Save::query()->where('created_at', '<', $now->subDays(self::SAVES_DAYS))->delete();
        DB::table('made_once')->where('created_at', '<', $now->subDays(self::SAVES_DAYS))->delete();
        Reset::query()->where('expires_at', '<', $now->subDays(self::LINKS_DAYS))->delete();
        Invitation::query()->withoutGlobalScope(TeamScope::class)
            ->where('expires_at', '<', $now->subDays(self::LINKS_DAYS))->delete();
        Outcome::onlyTrashed()->withoutGlobalScope(TeamScope::class)
            ->where('deleted_at', '<', $now->subDays(self::REMOVED_DAYS))->forceDelete();
        foreach ([Letter::class, Doctor::class, Attachment::class] as $removed) {
            $removed::onlyTrashed()->withoutGlobalScopes([TeamScope::class, StudentScope::class])
                ->where('deleted_at', '<', $now->subDays(self::REMOVED_DAYS))->forceDelete();
        }
        Export::query()->withoutGlobalScope(TeamScope::class)
            ->where('created_at', '<', $now->subHours(Exports::HOURS))->delete();
        SharedPage::query()->withoutGlobalScope(TeamScope::class)->where('expires_at', '<', $now)->delete();
        DB::table('cache')->where('expiration', '<', $now->getTimestamp())->delete();
    }
}
