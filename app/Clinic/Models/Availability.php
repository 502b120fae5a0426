<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Club\Models\Athlete;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Whether one may count on an athlete, by what was signed last of one knee.
 *
 * @property string $athlete_id
 * @property string $side left or right
 * @property string $examination_id
 * @property array{status: string, notThis: list<string>, thisYes: list<string>, coachMayKnow: bool} $content encrypted
 *     at rest; activities by code
 * @property Athlete $athlete
 */
#[ScopedBy(TeamScope::class)]
final class Availability extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'availabilities';

    protected $fillable = ['team_id', 'athlete_id', 'side', 'examination_id', 'content'];

    protected $casts = ['content' => Encrypted::class.':array'];

    /**
     * @return BelongsTo<Athlete, $this>
     */
    public function athlete(): BelongsTo
    {
        return $this->belongsTo(Athlete::class);
    }
}
