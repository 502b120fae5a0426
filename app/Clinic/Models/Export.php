<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Clinic\Values\ExportState;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Everything on one athlete, as a lead asked for it; kept for a day.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string $asked_by id of a user
 * @property ExportState $state
 * @property int|null $bytes once it is ready
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class Export extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'exports';

    protected $fillable = ['team_id', 'athlete_id', 'asked_by', 'state', 'bytes'];

    protected $casts = ['state' => ExportState::class, 'bytes' => 'integer'];

    /**
     * In their order.
     *
     * @return HasMany<ExportPart, $this>
     */
    public function parts(): HasMany
    {
        $parts = $this->hasMany(ExportPart::class);
        $parts->orderBy('number');

        return $parts;
    }
}
