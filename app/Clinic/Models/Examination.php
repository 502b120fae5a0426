<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Clinic\Values\ExaminationStatus;
use App\Clinic\Values\Part;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\Encrypter;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;
use LogicException;

/**
 * @property string $id
 * @property string $team_id
 * @property string $episode_id
 * @property string $examiner_id
 * @property ExaminationStatus $status
 * @property CarbonImmutable $examined_at
 * @property CarbonImmutable|null $signed_at
 * @property array{basis: string, holds: array<string, array{kind: string, rule?: string, mayOverride: bool, correctable?: bool}>}|null $holds encrypted at rest
 * @property string|null $signed_by
 * @property string|null $origin where it was recorded, if elsewhere; encrypted at rest
 * @property array<string, mixed>|null $unread what came in with it and has no place here, by path; encrypted at rest
 * @property string|null $signed_ungated why it was signed though the gate was not answered; encrypted at rest
 * @property int $revision counts every change of any part
 * @property CarbonImmutable|null $asked_at when a countersignature was asked for
 * @property string|null $supersedes_id the signed one whose place it takes
 * @property string|null $baseline_id of the visit of both sound knees that it is compared with
 * @property Episode $episode
 * @property Examination|null $baseline
 * @property string|null $twin_id of the other knee at the same visit, where both are hurt
 * @property Examination|null $twin
 * @property User $examiner who began it
 * @property User|null $signer
 * @property Examination|null $superseding that takes its place, signed or not yet
 * @property Collection<int, Addendum> $addenda oldest first
 * @property Collection<int, Section> $sections
 * @property Collection<int, StoredRecord> $records
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class Examination extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use HasUlids;
    use SoftDeletes;

    /** What a whole examination is read with: no more, and nothing twice. */
    public const WHOLE = [
        'sections', 'records', 'episode.athlete', 'examiner', 'signer', 'addenda.writer', 'superseding', 'twin',
    ];

    protected $table = 'examinations';

    protected $fillable = [
        'id', 'team_id', 'episode_id', 'examiner_id', 'status', 'examined_at', 'signed_at', 'holds',
        'signed_by', 'signed_ungated', 'revision', 'supersedes_id', 'asked_at',
        'baseline_id', 'twin_id',
    ];

    protected $casts = [
        'status' => ExaminationStatus::class,
        'examined_at' => 'datetime',
        'signed_at' => 'datetime',
        'asked_at' => 'datetime',
        'holds' => Encrypted::class.':array',
        'signed_ungated' => Encrypted::class,
        'origin' => Encrypted::class,
        'unread' => Encrypted::class.':array',
        'revision' => 'integer',
    ];

    /**
     * @return BelongsTo<Episode, $this>
     */
    public function episode(): BelongsTo
    {
        return $this->belongsTo(Episode::class);
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function examiner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'examiner_id');
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function signer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'signed_by');
    }

    /**
     * By name: the digest of what was signed is made from their order.
     *
     * @return HasMany<Section, $this>
     */
    public function sections(): HasMany
    {
        $sections = $this->hasMany(Section::class);
        $sections->orderBy('name');

        return $sections;
    }

    /**
     * In the order in which they were first recorded.
     *
     * @return HasMany<StoredRecord, $this>
     */
    public function records(): HasMany
    {
        $records = $this->hasMany(StoredRecord::class);
        $records->orderBy('sequence');

        return $records;
    }

    /** A part as it is stored; null: not yet. */
    public function row(Part $part): Section|StoredRecord|null
    {
        return $part->isRecord()
            ? $this->records->first(static fn (StoredRecord $row): bool => $row->part()->is($part))
            : $this->sections->firstWhere('name', $part->name);
    }

    /**
     * @return HasMany<Addendum, $this>
     */
    public function addenda(): HasMany
    {
        $addenda = $this->hasMany(Addendum::class);
        $addenda->orderBy('id');

        return $addenda;
    }

    /**
     * @return HasOne<Examination, $this>
     */
    public function superseding(): HasOne
    {
        return $this->hasOne(self::class, 'supersedes_id');
    }

    /**
     * @return BelongsTo<Examination, $this>
     */
    public function twin(): BelongsTo
    {
        return $this->belongsTo(self::class, 'twin_id');
    }

    /**
     * Whichever examiner made it and whichever user asks: it is part of what was recorded, and of its digest.
     *
     * @return BelongsTo<Examination, $this>
     */
    public function baseline(): BelongsTo
    {
        $baseline = $this->belongsTo(self::class, 'baseline_id');
        $baseline->withoutGlobalScopes([TeamScope::class, StudentScope::class]);

        return $baseline;
    }

    /**
     * Signed, and no other that is signed took its place: what the course of a knee goes by.
     *
     * @param  Builder<self>  $examinations
     */
    #[Scope]
    protected function current(Builder $examinations): void
    {
        $examinations->where('status', ExaminationStatus::Signed)->whereDoesntHave(
            'superseding', static fn (Builder $next): Builder => $next->where('status', ExaminationStatus::Signed),
        );
    }

    public function basis(array $attributes): array
    {
        return ['id' => $attributes['id'] ?? $this->newUniqueId()];
    }

    public function encrypter(array $attributes): Encrypter
    {
        $episode = $attributes['episode_id'] ?? null;

        return is_string($episode)
            ? app(AthleteKeys::class)->ofEpisode($episode)
            : throw new LogicException('An examination was filled before its episode was said.');
    }

    /** Who examined, as far as it is known here: of one that came in it is where it was recorded. */
    public function examinedBy(): string
    {
        return $this->origin ?? $this->examiner->name;
    }

    public function isSigned(): bool
    {
        return $this->status === ExaminationStatus::Signed;
    }
}
