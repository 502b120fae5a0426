<?php

declare(strict_types=1);

namespace App\Club\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Someone in the team's book of doctors, to whom letters go.
 *
 * @property string $id
 * @property string $team_id
 * @property Entry $content encrypted at rest
 * @property CarbonImmutable $updated_at
 *
 * @phpstan-type Entry array{
 *     name: string, field: string, practice: string, address: string, email: string, phone: string
 * }
 */
#[ScopedBy(TeamScope::class)]
final class Doctor extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;
    use SoftDeletes;

    protected $table = 'doctors';

    protected $fillable = ['team_id', 'content'];

    protected $casts = ['content' => Encrypted::class.':array'];
}
