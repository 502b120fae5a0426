<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Clinic\Values\ProposalKind;
use App\Clinic\Values\ProposalState;
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
 * What a student would enter, if they might. A student sees their own.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string|null $episode_id of a result: the episode it belongs to
 * @property string|null $task_id of a change: of what; of a result: what had asked for it
 * @property ProposalKind $kind
 * @property ProposalState $state
 * @property array<string, mixed> $content as its kind writes it down, see Proposals; encrypted at rest
 * @property string|null $why it was turned down; encrypted at rest
 * @property string|null $made_by id of a user
 * @property string|null $decided_by id of a user
 * @property CarbonImmutable|null $decided_at
 * @property CarbonImmutable $created_at
 * @property Athlete $athlete
 * @property Episode|null $episode
 * @property Task|null $task
 * @property User|null $maker
 * @property User|null $decider
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class Proposal extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'proposals';

    protected $fillable = [
        'team_id', 'athlete_id', 'episode_id', 'task_id', 'kind', 'state', 'content', 'why', 'made_by', 'decided_by',
        'decided_at',
    ];

    protected $casts = [
        'kind' => ProposalKind::class, 'state' => ProposalState::class,
        'content' => Encrypted::class.':array', 'why' => Encrypted::class, 'decided_at' => 'datetime',
    ];

    /**
     * @return BelongsTo<Athlete, $this>
     */
    public function athlete(): BelongsTo
    {
        $athlete = $this->belongsTo(Athlete::class);
        $athlete->withTrashed();

        return $athlete;
    }

    /**
     * @return BelongsTo<Episode, $this>
     */
    public function episode(): BelongsTo
    {
        return $this->belongsTo(Episode::class);
    }

    /**
     * @return BelongsTo<Task, $this>
     */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(User::class, 'decided_by');
    }
}
