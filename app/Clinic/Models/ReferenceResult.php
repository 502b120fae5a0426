<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Collection;

/**
 * What a knee turned out to have, by one scan, operation, or the weeks after.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string $episode_id
 * @property ReferenceKind $kind
 * @property CarbonImmutable $seen_on
 * @property array{answers: list<array{condition: string, seen: string, grade: int<1, 3>|null}>, weeks: int<1, 104>|null, note: string, treated?: string} $content encrypted at rest
 * @property string|null $made_by id of a user
 * @property string|null $asked_by_id of the examination that had asked for it
 * @property string|null $record_import_id of the import that brought it
 * @property Collection<int, Attachment> $attachments oldest first, removed ones too
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class ReferenceResult extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;
    use SoftDeletes;

    protected $table = 'reference_results';

    protected $fillable = ['team_id', 'athlete_id', 'episode_id', 'kind', 'seen_on', 'content', 'made_by', 'asked_by_id', 'record_import_id'];

    protected $casts = [
        'kind' => ReferenceKind::class, 'seen_on' => 'date', 'content' => Encrypted::class.':array',
    ];

    /**
     * With those that were removed, for as long as they can be taken back.
     *
     * @return HasMany<Attachment, $this>
     */
    public function attachments(): HasMany
    {
        $attachments = $this->hasMany(Attachment::class);
        $attachments->withTrashed()->orderBy('id');

        return $attachments;
    }

    /**
     * @return list<ReferenceAnswer>
     */
    public function answers(): array
    {
        return ReferenceAnswer::all($this->content['answers']);
    }

    /** SHA-256 of what it says, of which knee and by whom; the log holds it too. */
    public function digest(): string
    {
        return hash('sha256', json_encode([
            $this->id, $this->episode_id, $this->kind->value, $this->seen_on->toDateString(), $this->content, $this->made_by,
        ], JSON_THROW_ON_ERROR));
    }
}
