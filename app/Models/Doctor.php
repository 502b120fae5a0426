<?php

declare(strict_types=1);

namespace App\Models;

use App\Secrets\HoldsSealed;
use App\Secrets\Sealed;
use App\Secrets\SealedByRecords;
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
