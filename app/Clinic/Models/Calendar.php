<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A secret address by which someone's own calendar reads what is due; the address itself is kept nowhere.
 *
 * @property string $id
 * @property string $user_id
 * @property string $token_hash
 * @property bool $in_words names and reasons stand in the titles; else initials alone
 * @property CarbonImmutable|null $read_at when a calendar read it last
 * @property User $user
 */
final class Calendar extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'calendars';

    protected $fillable = ['user_id', 'token_hash', 'in_words', 'read_at'];

    protected $casts = ['in_words' => 'boolean', 'read_at' => 'datetime'];

    /**
     * @return BelongsTo<User, $this>
     */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
