<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Models\User;
use App\Exchange\Http\Requests\WebhookRequest;
use App\Exchange\Http\Resources\WebhookDeliveryResource;
use App\Exchange\Http\Resources\WebhookResource;
use App\Exchange\Models\Webhook;
use App\Exchange\Models\WebhookDelivery;
use App\Exchange\Values\WebhookEvent;
use App\Exchange\Webhooks\Addresses;
use App\Exchange\Webhooks\Webhooks;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** Programs that are told of what happens in the team. */
final readonly class WebhookController
{
    private const DELIVERIES_SHOWN = 50;

    public function __construct(private Webhooks $webhooks)
    {
    }

    public function index(Request $request, Addresses $addresses): JsonResponse
    {
        return response()->json([
            'webhooks' => WebhookResource::collection(Webhook::query()->orderBy('id')->get())->resolve($request),
            'events' => array_map(static fn (WebhookEvent $one): array => [
                'id' => $one->value, 'label' => $one->label(),
            ], WebhookEvent::chosen()),
            'areAllowed' => $addresses->areAllowed(),
        ]);
    }

    /** @throws Refusal where this server may not call the address */
    public function store(WebhookRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $webhook = $this->webhooks->add($user, $request->address(), $request->events());

        return response()->json([
            'webhook' => (new WebhookResource($webhook))->resolve($request), 'secret' => $webhook->secret,
        ], 201);
    }

    public function destroy(Webhook $webhook): Response
    {
        $this->webhooks->remove($webhook);

        return response()->noContent();
    }

    public function test(Webhook $webhook): JsonResponse
    {
        return (new WebhookDeliveryResource($this->webhooks->test($webhook)->refresh()))->response()->setStatusCode(202);
    }

    public function deliveries(Webhook $webhook): AnonymousResourceCollection
    {
        return WebhookDeliveryResource::collection($webhook->deliveries()->limit(self::DELIVERIES_SHOWN)->get());
    }

    /** Tells it once more, by hand. */
    public function again(Webhook $webhook, string $delivery): JsonResponse
    {
        $found = WebhookDelivery::query()->where('webhook_id', $webhook->id)->findOrFail($delivery);
        $this->webhooks->again($found);

        return (new WebhookDeliveryResource($found->refresh()))->response()->setStatusCode(202);
    }
}
