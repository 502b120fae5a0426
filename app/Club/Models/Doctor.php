<?php

declare(strict_types=1);

namespace App\Club\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\HoldsSealed;
use App\Platform\Encryption\Sealed;
use App\Platform\Encryption\SealedByRecords;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Somebody in the team's book of doctors, to whom letters go.
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
final class Doctor extends Model implements HoldsSealed
{
    use BootsByName;
    use SealedByRecords;
    use SoftDeletes;

    protected $table = 'doctors';

    protected $fillable = ['team_id', 'content'];

    protected $casts = ['content' => Sealed::class.':array'];
}
