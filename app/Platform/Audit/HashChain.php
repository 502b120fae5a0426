<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * The end of one team's hash chain: the number of entries, and the hash of the last.
 *
 * @property string $team_id `-` for what belongs to no team
 * @property string $hash
 * @property int $count
 */
final class HashChain extends Model
{
    use BootsByName;

    /** The chain of entries that belong to no team. */
    public const NO_TEAM = '-';

    protected $table = 'audit_chains';

    protected $primaryKey = 'team_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $casts = ['count' => 'integer'];
}
