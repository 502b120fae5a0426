<?php

declare(strict_types=1);

namespace App\Models;

use App\Secrets\HoldsSealed;
use App\Secrets\Sealed;
use App\Secrets\SealedByExamination;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * One part of an examination that is saved as a whole; its name is a SectionName.
 *
 * @property string $name
 * @property stdClass $payload encrypted at rest
 * @property string|null $saved_by id of whoever entered it last
 * @property int $version
 */
final class Section extends Model implements HoldsSealed
{
    use BootsByName;
    use SealedByExamination;

    protected $table = 'sections';

    protected $fillable = ['examination_id', 'name', 'payload', 'version', 'saved_by'];

    protected $casts = ['payload' => Sealed::class.':object', 'version' => 'integer'];
}
