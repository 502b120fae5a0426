<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Clinic\Values\FileType;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A report or a picture beside what a knee turned out to have; its content stands in its parts.
 *
 * @property string $id
 * @property string $team_id
 * @property string $athlete_id
 * @property string $outcome_id
 * @property string $name as it was called where it came from; encrypted at rest
 * @property FileType $type by its content
 * @property int $bytes
 * @property string|null $made_by id of a user
 */
#[ScopedBy([TeamScope::class, StudentScope::class])]
final class Attachment extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;
    use SoftDeletes;

    protected $table = 'attachments';

    protected $fillable = ['team_id', 'athlete_id', 'reference_result_id', 'name', 'type', 'bytes', 'made_by'];

    protected $casts = ['name' => Encrypted::class, 'type' => FileType::class, 'bytes' => 'integer'];

    /**
     * In their order.
     *
     * @return HasMany<AttachmentPart, $this>
     */
    public function parts(): HasMany
    {
        $parts = $this->hasMany(AttachmentPart::class);
        $parts->orderBy('number');

        return $parts;
    }
}
