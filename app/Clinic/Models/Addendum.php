<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByExamination;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A word added to an examination after it was signed; it is never changed either.
 *
 * @property string $id
 * @property string $examination_id
 * @property string $words encrypted at rest
 * @property string|null $written_by id of a user
 * @property CarbonImmutable $created_at
 * @property User|null $writer
 */
final class Addendum extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByExamination;

    public const UPDATED_AT = null;

    protected $table = 'addenda';

    protected $fillable = ['examination_id', 'words', 'written_by'];

    protected $casts = ['words' => Encrypted::class];

    /** SHA-256 of what it says, of which examination, by whom and when; the log holds it too. */
    public function digest(): string
    {
        return hash('sha256', json_encode([
            $this->id, $this->examination_id, $this->words, $this->written_by, $this->created_at->toIso8601ZuluString(),
        ], JSON_THROW_ON_ERROR));
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'written_by');
    }
}
