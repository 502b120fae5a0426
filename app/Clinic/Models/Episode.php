<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Club\Models\Athlete;
use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;

/**
 * One knee from its injury, or its onset, until it is sound again.
 *
 * @property string $id
 * @property string $athlete_id
 * @property Side $hurt_side
 * @property CarbonImmutable|null $injured_on null: came on without an injury
 * @property CarbonImmutable $created_at
 * @property bool $is_baseline both knees while they are sound
 * @property Athlete $athlete
 * @property Collection<int, Examination> $examinations
 * @property Collection<int, ReferenceResult> $results removed ones too
 */
final class Episode extends Model
{
    use BootsByName;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'episodes';

    protected $fillable = ['athlete_id', 'hurt_side', 'injured_on', 'is_baseline'];

    protected $attributes = ['injured_on' => null, 'is_baseline' => false];

    protected $casts = ['hurt_side' => Side::class, 'injured_on' => 'date', 'is_baseline' => 'boolean'];

    /**
     * @return BelongsTo<Athlete, $this>
     */
    public function athlete(): BelongsTo
    {
        $athlete = $this->belongsTo(Athlete::class);
        // Who was put away is still whose knee it is.
        $athlete->withTrashed();

        return $athlete;
    }

    /** The one before of the same knee, where it was hurt or troubled before. */
    public function before(): ?self
    {
        return $this->is_baseline ? null : self::query()
            ->where('athlete_id', $this->athlete_id)->where('hurt_side', $this->hurt_side)->where('is_baseline', false)
            ->whereKeyNot($this->id)->get()
            ->filter(fn (self $other): bool => $other->began()->isBefore($this->began()))
            ->sortBy(static fn (self $other): string => $other->began()->toJSON())->last();
    }

    /** Day of the injury; of what came on without one, the moment of the first visit. */
    private function began(): CarbonImmutable
    {
        return $this->injured_on ?? $this->created_at;
    }

    /**
     * @return HasMany<Examination, $this>
     */
    public function examinations(): HasMany
    {
        return $this->hasMany(Examination::class);
    }

    /**
     * With those that were removed, for as long as they can be taken back.
     *
     * @return HasMany<ReferenceResult, $this>
     */
    public function referenceResults(): HasMany
    {
        $results = $this->hasMany(ReferenceResult::class);
        $results->withTrashed();

        return $results;
    }
}
