<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * What an examination says to the athlete, open for some days to the person who has its address.
 *
 * @property string $id
 * @property string $team_id
 * @property string $examination_id
 * @property string $token_hash
 * @property CarbonImmutable $expires_at
 * @property string|null $made_by id of a user
 */
#[ScopedBy(TeamScope::class)]
final class SharedPage extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'shared_pages';

    protected $fillable = ['team_id', 'examination_id', 'token_hash', 'expires_at', 'made_by'];

    protected $hidden = ['token_hash'];

    protected $casts = ['expires_at' => 'datetime'];
}
