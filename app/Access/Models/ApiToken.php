<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Access\Values\TokenAbility;
use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * With what another program comes in on behalf of a member. It stands for their place in one team, whatever team they
 * are at work in, and ends with that place.
 *
 * @property string $id
 * @property string $team_id
 * @property string $membership_id
 * @property string $tokenable_id of the user who made it
 * @property string $name
 * @property bool $of_team all leads see it, and may revoke it
 * @property list<string> $abilities
 * @property CarbonImmutable|null $last_used_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable $created_at
 * @property Membership $membership
 */
final class ApiToken extends PersonalAccessToken
{
    use BootsByName;
    use HasUlids;

    protected $table = 'tokens';

    protected $fillable = [
        'team_id', 'membership_id', 'tokenable_type', 'tokenable_id', 'name', 'of_team', 'token', 'abilities', 'expires_at',
    ];

    protected $casts = [
        'abilities' => 'json', 'of_team' => 'boolean', 'last_used_at' => 'datetime', 'expires_at' => 'datetime',
    ];

    /** @return BelongsTo<Membership, $this> */
    public function membership(): BelongsTo
    {
        return $this->belongsTo(Membership::class);
    }

    public function opens(TokenAbility $ability): bool
    {
        return $this->can($ability->value);
    }
}
