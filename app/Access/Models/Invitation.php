<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Access\Values\Role;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;

/**
 * @property string $id
 * @property string $team_id
 * @property string|null $invited_by id of a user; null: from the console
 * @property string $email encrypted at rest
 * @property Role $role
 * @property string $token_hash
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 */
#[ScopedBy(TeamScope::class)]
final class Invitation extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    protected $table = 'invitations';

    protected $fillable = ['team_id', 'invited_by', 'email', 'role', 'token_hash', 'expires_at', 'used_at'];

    protected $casts = [
        'email' => Encrypted::class, 'role' => Role::class, 'expires_at' => 'datetime', 'used_at' => 'datetime',
    ];

    /**
     * @param  Builder<self>  $invitations
     */
    #[Scope]
    protected function open(Builder $invitations): void
    {
        $invitations->whereNull('used_at')->where('expires_at', '>', Date::now());
    }
}
