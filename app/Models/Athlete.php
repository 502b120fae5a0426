<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Database\Factories\AthleteFactory;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;

/**
 * @property string $id
 * @property string $team_id
 * @property string $name encrypted at rest
 * @property string $number
 * @property string $squad
 * @property CarbonImmutable $born_on
 * @property Collection<int, Episode> $episodes
 */
#[ScopedBy(TeamScope::class)]
final class Athlete extends Model
{
    /** @use HasFactory<AthleteFactory> */
    use HasFactory;

    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['team_id', 'name', 'number', 'squad', 'born_on'];

    protected $casts = ['name' => 'encrypted', 'born_on' => 'date'];

    /**
     * @return HasMany<Episode, $this>
     */
    public function episodes(): HasMany
    {
        return $this->hasMany(Episode::class);
    }
}
