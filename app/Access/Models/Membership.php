<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Access\Values\Role;
use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Someone's place in a team. It ends and is not deleted: what they entered and signed stays theirs.
 *
 * @property string $id
 * @property string $team_id
 * @property string $user_id
 * @property Role $role
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable $created_at
 * @property Team $team
 * @property User $user
 */
final class Membership extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'memberships';

    protected $fillable = ['team_id', 'user_id', 'role', 'ended_at'];

    protected $casts = ['role' => Role::class, 'ended_at' => 'datetime'];

    protected static function booted(): void
    {
        // The person who is in no team yet is at work in this one.
        self::created(static fn (self $membership): int => User::query()
            ->whereKey($membership->user_id)->whereNull('membership_id')->update(['membership_id' => $membership->id]));
    }

    /**
     * @return BelongsTo<Team, $this>
     */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
