<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Model;

/**
 * A piece of an export, small enough that neither the application nor the database holds a whole one at once.
 *
 * @property string $id
 * @property string $athlete_id
 * @property string $export_id
 * @property int $number from 0
 * @property string $content encrypted at rest
 */
final class ExportPart extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'export_parts';

    protected $fillable = ['athlete_id', 'export_id', 'number', 'content'];

    protected $casts = ['number' => 'integer', 'content' => Encrypted::class];
}
