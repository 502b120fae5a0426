<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByExamination;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * One part of an examination that is saved as a whole; its name is a SectionName.
 *
 * @property string $name
 * @property stdClass $payload encrypted at rest
 * @property string|null $saved_by id of the person who entered it last
 * @property int $version
 */
final class Section extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByExamination;

    protected $table = 'sections';

    protected $fillable = ['examination_id', 'name', 'payload', 'version', 'saved_by'];

    protected $casts = ['payload' => Encrypted::class.':object', 'version' => 'integer'];
}
