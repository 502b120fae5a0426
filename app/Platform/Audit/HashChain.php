<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * The end of one team's chain of deeds: how many there are, and the seal of the last.
 *
 * @property string $team_id `-` for what belongs to no team
 * @property string $seal
 * @property int $count
 */
final class HashChain extends Model
{
    use BootsByName;

    /** Where those deeds hang that belong to no team. */
    public const NO_TEAM = '-';

    protected $table = 'deed_chains';

    protected $primaryKey = 'team_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $casts = ['count' => 'integer'];
}
