<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Clinic\Values\Part;
use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByExamination;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * What was recorded of one manoeuvre on one knee.
 *
 * @property string $manoeuvre
 * @property string $side
 * @property stdClass|null $payload encrypted at rest; null: taken back
 * @property bool $before_gate recorded before the safety gate closed on it
 * @property int $sequence
 * @property string|null $saved_by id of the person who entered it last
 * @property int $version
 */
final class StoredRecord extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByExamination;

    protected $table = 'records';

    protected $fillable = ['examination_id', 'manoeuvre', 'side', 'payload', 'before_gate', 'sequence', 'version', 'saved_by'];

    protected $casts = [
        'payload' => Encrypted::class.':object',
        'before_gate' => 'boolean',
        'sequence' => 'integer',
        'version' => 'integer',
    ];

    public function part(): Part
    {
        return Part::record($this->manoeuvre, $this->side);
    }

    /** Whether something was found, rather than taken back or left undone. */
    public function isDone(): bool
    {
        return $this->payload !== null && ! isset($this->payload->notDone);
    }
}
