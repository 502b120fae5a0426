<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Access\Models\Invitation;
use App\Access\Models\Reset;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\Export;
use App\Clinic\Models\Letter;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Save;
use App\Clinic\Models\SharedPage;
use App\Clinic\Models\StudentScope;
use App\Club\Models\Doctor;
use App\Platform\Database\TeamScope;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * Removes what was needed for a while: keys of saves, which a device sends again for days but not for months; links
 * that open nothing any more; an outcome that was removed, and nobody took back for a day; what the cache forgot to
 * drop.
 */
final class PruneExpired
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
        ReferenceResult::onlyTrashed()->withoutGlobalScope(TeamScope::class)
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
