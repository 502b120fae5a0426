<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Clinic\Values\Channel;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;

/**
 * A letter about one signed examination; what it says stands in its versions.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string $examination_id
 * @property positive-int $version of its newest version
 * @property Channel|null $sent_by_way null: it has not left
 * @property CarbonImmutable|null $sent_at
 * @property string|null $sent_by id of a user
 * @property CarbonImmutable $created_at
 * @property Examination $examination
 * @property Athlete $athlete
 * @property User|null $sender
 * @property Collection<int, LetterVersion> $versions newest first
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class Letter extends Model
{
    use BootsByName;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'letters';

    protected $fillable = [
        'team_id', 'athlete_id', 'examination_id', 'version', 'sent_by_way', 'sent_at', 'sent_by',
    ];

    protected $casts = ['version' => 'integer', 'sent_by_way' => Channel::class, 'sent_at' => 'datetime'];

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

    /**
     * @return BelongsTo<User, $this>
     */
    public function sender(): BelongsTo
    {
        return $this->belongsTo(User::class, 'sent_by');
    }

    /**
     * Referrals of this episode that are still open: those of an earlier visit stand until they are sent or closed.
     *
     * @return Builder<Task>
     */
    public function referrals(): Builder
    {
        $visits = Examination::query()->where('episode_id', $this->examination->episode_id);

        return Task::query()->whereIn('examination_id', $visits->select('id'))
            ->where('kind', TaskKind::Referral)->where('state', TaskState::Open)
            ->orderBy('due_on')->orderBy('id');
    }

    /**
     * @return HasMany<LetterVersion, $this>
     */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(LetterVersion::class);
        $versions->orderByDesc('number');

        return $versions;
    }

    /** As it stands now, or as it left. */
    public function newest(): LetterVersion
    {
        return $this->versions->firstOrFail();
    }
}
