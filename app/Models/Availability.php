<?php

declare(strict_types=1);

namespace App\Models;

use App\Secrets\AthleteKeys;
use App\Secrets\HoldsSealed;
use App\Secrets\Sealed;
use App\Secrets\Sealer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * Whether one may count on an athlete, by what was signed last.
 *
 * @property string $athlete_id
 * @property string $examination_id
 * @property array{status: string, notThis: list<string>, thisYes: list<string>, coachMayKnow: bool} $content encrypted at rest
 * @property CarbonImmutable|null $review_on when the knee is looked at again
 * @property Athlete $athlete
 */
#[ScopedBy(TeamScope::class)]
final class Availability extends Model implements HoldsSealed
{
    use BootsByName;
    use HasUlids;

    protected $table = 'availabilities';

    protected $fillable = ['team_id', 'athlete_id', 'examination_id', 'content', 'review_on'];

    protected $casts = ['content' => Sealed::class.':array', 'review_on' => 'date'];

    public function basis(array $attributes): array
    {
        return ['id' => $attributes['id'] ?? $this->newUniqueId()];
    }

    public function sealer(array $attributes): Sealer
    {
        $athlete = $attributes['athlete_id'] ?? null;

        return is_string($athlete)
            ? app(AthleteKeys::class)->ofAthlete($athlete)
            : throw new LogicException('An availability was filled before its athlete was said.');
    }

    /**
     * @return BelongsTo<Athlete, $this>
     */
    public function athlete(): BelongsTo
    {
        return $this->belongsTo(Athlete::class);
    }
}
