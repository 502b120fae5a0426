<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use App\Access\Models\User;
use App\Exchange\Models\Webhook;
use App\Exchange\Models\WebhookDelivery;
use App\Exchange\Values\DeliveryState;
use App\Exchange\Values\WebhookEvent;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Programs that are told of what happens in a team: kept, told, and tried by hand. */
final readonly class Webhooks
{
    /** Of one team. */
    private const MOST = 20;

    private const SECRET_CHARACTERS = 48;

    /** Deliveries are kept for so long. */
    private const KEPT_DAYS = 30;

    public function __construct(private Addresses $addresses, private AuditLog $log)
    {
    }

    /**
     * @param  list<WebhookEvent>  $events
     *
     * @throws Refusal where this server may not call the address
     */
    public function add(User $by, string $address, array $events): Webhook
    {
        $this->addresses->resolved($address);
        if (Webhook::query()->count() >= self::MOST) {
            throw Refusal::ofTheWhole(__('exchange.webhooks.too_many', ['most' => self::MOST]));
        }

        return DB::transaction(function () use ($by, $address, $events): Webhook {
            $webhook = Webhook::query()->create([
                'team_id' => $by->teamId(), 'made_by' => $by->id, 'address' => $address, 'events' => $events,
                'secret' => Str::random(self::SECRET_CHARACTERS),
            ]);
            $this->log->record(AuditEvent::WebhookAdded, $webhook->id);

            return $webhook;
        });
    }

    public function remove(Webhook $webhook): void
    {
        DB::transaction(function () use ($webhook): void {
            $webhook->delete();
            $this->log->record(AuditEvent::WebhookRemoved, $webhook->id);
        });
    }

    /**
     * Tells each program of the team that wants to know.
     *
     * @param  string  $team  id
     * @param  array<string, string>  $ids  what it is about, by kind
     */
    public function tell(string $team, WebhookEvent $event, array $ids): void
    {
        $webhooks = Webhook::query()->withoutGlobalScopes()->where('team_id', $team)->get();
        foreach ($webhooks as $webhook) {
            $webhook->events->contains($event) && $this->send($webhook, $event, $ids);
        }
    }

    public function test(Webhook $webhook): WebhookDelivery
    {
        return $this->send($webhook, WebhookEvent::Test, []);
    }

    /** By hand, after it was given up or while it waits for its next attempt. */
    public function again(WebhookDelivery $delivery): void
    {
        DB::transaction(static function () use ($delivery): void {
            $delivery->update(['state' => DeliveryState::Waiting, 'attempts' => 0, 'next_at' => null]);
            dispatch(new SendDelivery($delivery->id, 0));
        });
    }

    public function prune(): void
    {
        WebhookDelivery::query()->where('created_at', '<', Date::now()->subDays(self::KEPT_DAYS))->delete();
    }

    /** @param  array<string, string>  $ids */
    private function send(Webhook $webhook, WebhookEvent $event, array $ids): WebhookDelivery
    {
        return DB::transaction(static function () use ($webhook, $event, $ids): WebhookDelivery {
            $id = strtolower((string) Str::ulid());
            $delivery = WebhookDelivery::query()->create([
                'id' => $id, 'webhook_id' => $webhook->id, 'event' => $event, 'state' => DeliveryState::Waiting,
                'subject' => array_values($ids)[0] ?? null,
                'body' => json_encode([
                    'id' => $id, 'event' => $event->value, 'at' => Date::now()->toIso8601ZuluString(),
                    'team' => $webhook->team_id, 'about' => (object) $ids, 'links' => Links::of($ids),
                ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES),
            ]);
            dispatch(new SendDelivery($id, 0));

            return $delivery;
        });
    }
}
