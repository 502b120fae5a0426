<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A forgotten password that may be set anew once, for a while.
 *
 * @property string $user_id
 * @property string $token_hash
 * @property CarbonImmutable $expires_at
 */
final class Reset extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'resets';

    protected $fillable = ['user_id', 'token_hash', 'expires_at'];

    protected $casts = ['expires_at' => 'datetime'];
}
