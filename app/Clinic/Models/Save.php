<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A save that was carried out, so that the same one sent twice changes nothing.
 *
 * @property string $key
 * @property string|null $digest of person, part and content; null for saves from before digests were kept
 * @property string $part
 * @property int $version the part's version after it
 */
final class Save extends Model
{
    use BootsByName;
    use HasUlids;

    public const UPDATED_AT = null;

    protected $table = 'saves';

    protected $fillable = ['examination_id', 'key', 'digest', 'part', 'version'];

    protected $casts = ['version' => 'integer'];
}
