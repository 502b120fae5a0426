<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Access\Values\Email;
use App\Access\Values\Role;
use App\Platform\Audit\Actor;
use App\Platform\Database\BootsByName;
use App\Platform\Database\InTeam;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\HasEncryptedColumns;
use App\Platform\Encryption\HasSecret;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Collection;
use Laravel\Sanctum\HasApiTokens;
use LogicException;

/**
 * @property string $id
 * @property string $name encrypted at rest
 * @property string $email in its one spelling, see Email; encrypted at rest
 * @property string $email_hash what the account is found by, see Email::hash()
 * @property string $password Argon2id
 * @property string|null $factor secret of the second factor in base64, encrypted at rest; null: it is off
 * @property list<string>|null $recovery hashes of the recovery codes that are left, encrypted at rest
 * @property int $factor_step the last code that was used
 * @property string|null $membership_id where they are at work just now; null: they left every team
 * @property Membership|null $membership
 * @property Collection<int, Membership> $memberships
 */
#[UseFactory(UserFactory::class)]
final class User extends Authenticatable implements Actor, HasEncryptedColumns, InTeam
{
    use BootsByName;

    /** @use HasApiTokens<ApiToken> */
    use HasApiTokens;

    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use HasSecret;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'membership_id'];

    protected $hidden = ['password', 'remember_token', 'email_hash', 'factor', 'recovery'];

    protected $casts = ['name' => Encrypted::class, 'email' => Encrypted::class, 'password' => 'hashed',
        'factor' => Encrypted::class, 'recovery' => Encrypted::class.':array', 'factor_step' => 'integer',
    ];

    /** Everything is loaded with its membership: no request can do without the team. */
    protected $with = ['membership.team'];

    protected static function booted(): void
    {
        self::saving(static function (self $user): void {
            if ($user->isDirty('email')) {
                $user->email_hash = Email::hash($user->email);
            }
        });
    }

    /** The account with this address, in its one spelling. */
    public static function at(?string $email): ?self
    {
        return $email === null ? null : self::query()->where('email_hash', Email::hash($email))->first();
    }

    /**
     * @return BelongsTo<Membership, $this>
     */
    public function membership(): BelongsTo
    {
        return $this->belongsTo(Membership::class);
    }

    /**
     * Of every team that they are in, oldest first.
     *
     * @return HasMany<Membership, $this>
     */
    public function memberships(): HasMany
    {
        $memberships = $this->hasMany(Membership::class);
        $memberships->whereNull('ended_at')->orderBy('id');

        return $memberships;
    }

    /** @throws LogicException where they are in no team: such a one gets past no door */
    public function present(): Membership
    {
        return $this->membership ?? throw new LogicException('An account without a team is logged in.');
    }

    public function teamId(): string
    {
        return $this->present()->team_id;
    }

    public function actorId(): string
    {
        return $this->id;
    }

    public function actorTeam(): ?string
    {
        return $this->membership?->team_id;
    }

    public function role(): Role
    {
        return $this->present()->role;
    }
}
