<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Exchange\Values\DeliveryState;
use App\Exchange\Values\WebhookEvent;
use App\Platform\Database\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One thing that a program is told, and whether it took it. What it says are ids; nothing of it is clinical.
 *
 * @property string $id by which the program knows a repeated call
 * @property string $webhook_id
 * @property WebhookEvent $event
 * @property string|null $subject id of what it is about first of all
 * @property string $body JSON, as it is sent
 * @property DeliveryState $state
 * @property int $attempts
 * @property int|null $status HTTP status of the last answer; null: there was none
 * @property string|null $problem why the last attempt failed
 * @property CarbonImmutable|null $next_at of the next attempt
 * @property CarbonImmutable $created_at
 * @property Webhook $webhook
 */
final class WebhookDelivery extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'webhook_deliveries';

    protected $fillable = ['id', 'webhook_id', 'event', 'subject', 'body', 'state', 'attempts', 'status', 'problem', 'next_at'];

    protected $attributes = ['attempts' => 0, 'status' => null, 'problem' => null, 'next_at' => null];

    protected $casts = [
        'event' => WebhookEvent::class, 'state' => DeliveryState::class, 'attempts' => 'integer', 'status' => 'integer',
        'next_at' => 'datetime',
    ];

    /** @return BelongsTo<Webhook, $this> also for the worker, which is in no team */
    public function webhook(): BelongsTo
    {
        $webhook = $this->belongsTo(Webhook::class);
        $webhook->withoutGlobalScopes();

        return $webhook;
    }
}
