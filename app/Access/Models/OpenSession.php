<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * A session as the framework keeps it.
 *
 * @property string $id opens it: shown to nobody
 * @property string|null $user_id
 * @property string|null $ip_address
 * @property string|null $user_agent
 * @property int $last_activity seconds since 1970
 */
final class OpenSession extends Model
{
    use BootsByName;

    protected $table = 'sessions';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $casts = ['last_activity' => 'integer'];
}
