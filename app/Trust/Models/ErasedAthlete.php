<?php

declare(strict_types=1);

namespace App\Trust\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;

/**
 * The stub of a record that was erased: nothing in it says who it was.
 *
 * @property string $id that the athlete had
 * @property string $team_id
 * @property list<string> $examinations ids
 * @property string $reason encrypted at rest
 * @property string|null $erased_by id of a user; null: the console, or the time was over
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class ErasedAthlete extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    public const UPDATED_AT = null;

    protected $table = 'erased_athletes';

    protected $fillable = ['id', 'team_id', 'examinations', 'reason', 'erased_by'];

    protected $casts = ['examinations' => 'array', 'reason' => Encrypted::class];

    /** SHA-256 of whose and which examinations these were; the log holds it too. */
    public function digest(): string
    {
        return hash('sha256', implode(' ', [$this->id, ...$this->examinations]));
    }
}
