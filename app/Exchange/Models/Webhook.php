<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Exchange\Values\WebhookEvent;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/**
 * An address of another program that is told of what happens in a team.
 *
 * @property string $id
 * @property string $team_id
 * @property string $made_by id of a user
 * @property string $address encrypted at rest
 * @property string $secret by which the program knows that a call is ours; encrypted at rest
 * @property Collection<int, WebhookEvent> $events
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class Webhook extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    protected $table = 'webhooks';

    protected $fillable = ['team_id', 'made_by', 'address', 'secret', 'events'];

    protected $hidden = ['secret'];

    protected $casts = [
        'address' => Encrypted::class, 'secret' => Encrypted::class,
        'events' => AsEnumCollection::class.':'.WebhookEvent::class,
    ];

    /** @return HasMany<WebhookDelivery, $this> newest first */
    public function deliveries(): HasMany
    {
        $deliveries = $this->hasMany(WebhookDelivery::class);
        $deliveries->orderByDesc('id');

        return $deliveries;
    }
}
