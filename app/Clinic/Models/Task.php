<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that is due for an athlete.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string|null $examination_id whose plan asked for it; null: noted by hand
 * @property TaskKind $kind
 * @property TaskState $state
 * @property array{title: string, why: string, side: string|null, asks?: list<string>, to?: string} $content encrypted at rest
 * @property string|null $closing what came of it, or why it was let go; encrypted at rest
 * @property CarbonImmutable|null $due_from not before this day
 * @property CarbonImmutable|null $due_on by this day; null: no day of our own
 * @property string|null $made_by id of a user
 * @property string|null $closed_by id of a user
 * @property CarbonImmutable|null $closed_at
 * @property CarbonImmutable|null $created_at
 * @property CarbonImmutable|null $updated_at
 * @property Athlete $athlete
 * @property Examination|null $examination
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class Task extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'tasks';

    protected $fillable = [
        'team_id', 'athlete_id', 'examination_id', 'kind', 'state', 'content', 'closing', 'due_from', 'due_on',
        'made_by', 'closed_by', 'closed_at',
    ];

    protected $casts = [
        'kind' => TaskKind::class, 'state' => TaskState::class,
        'content' => Encrypted::class.':array', 'closing' => Encrypted::class,
        'due_from' => 'date', 'due_on' => 'date', 'closed_at' => 'datetime',
    ];

    /** Whether the last day for it is over, and nothing came of it yet. */
    public function isOverdue(CarbonImmutable $today): bool
    {
        return ! $this->state->isClosed() && $this->due_on?->isBefore($today) === true;
    }

    /**
     * @return BelongsTo<Examination, $this>
     */
    public function examination(): BelongsTo
    {
        return $this->belongsTo(Examination::class);
    }

    /**
     * @return BelongsTo<Athlete, $this>
     */
    public function athlete(): BelongsTo
    {
        $athlete = $this->belongsTo(Athlete::class);
        $athlete->withTrashed();

        return $athlete;
    }
}
