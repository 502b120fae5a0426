<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $team_id
 * @property Role $role
 * @property Team $team
 */
final class Membership extends Model
{
    use HasUlids;

    protected $fillable = ['team_id', 'user_id', 'role'];

    protected $casts = ['role' => Role::class];

    /**
     * @return BelongsTo<Team, $this>
     */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }
}
