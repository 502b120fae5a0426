<?php

declare(strict_types=1);

namespace App\Models;

use App\Secrets\HasSecret;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $name
 * @property string $email in its one spelling, see Email
 * @property string $password Argon2id
 * @property Membership $membership
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use HasSecret;
    use HasUlids;

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];

    /** Everything is loaded with its membership: no request can do without the team. */
    protected $with = ['membership'];

    /**
     * @return HasOne<Membership, $this>
     */
    public function membership(): HasOne
    {
        return $this->hasOne(Membership::class);
    }

    public function teamId(): string
    {
        return $this->membership->team_id;
    }
}
