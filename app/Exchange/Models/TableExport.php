<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Exchange\Values\TableExportState;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * All signed examinations of a team as tables, as a lead asked for them; kept for a day.
 *
 * @property string $id
 * @property string $team_id
 * @property string $asked_by id of a user
 * @property TableExportState $state
 * @property int $total examinations to write
 * @property int $done examinations written
 * @property int|null $bytes of the zip, once it is ready
 * @property string|null $reached id of the last examination written
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class TableExport extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'table_exports';

    protected $fillable = ['team_id', 'asked_by', 'state', 'total', 'done', 'reached', 'bytes'];

    protected $casts = [
        'state' => TableExportState::class, 'total' => 'integer', 'done' => 'integer', 'bytes' => 'integer',
    ];

    /** @return HasMany<TableExportPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(TableExportPart::class);
    }
}
