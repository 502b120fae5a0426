<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Model;

/**
 * Some rows of one table of an export, or a piece of the zip that they became.
 *
 * @property string $id
 * @property string $table_export_id
 * @property string $of_table a Table, or `zip`
 * @property int $number from 0
 * @property string $content CSV without a head, or bytes of the zip; encrypted at rest
 */
final class TableExportPart extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    public const ZIP = 'zip';

    protected $table = 'table_export_parts';

    protected $fillable = ['table_export_id', 'of_table', 'number', 'content'];

    protected $casts = ['number' => 'integer', 'content' => Encrypted::class];
}
