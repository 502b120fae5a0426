<?php

declare(strict_types=1);

namespace App\Exchange\Http\Resources;

use App\Exchange\Models\Webhook;
use App\Exchange\Values\WebhookEvent;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A program that is told, and what came of the last time.
 *
 * @property-read Webhook $resource
 */
final class WebhookResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $last = $this->resource->deliveries()->first();

        return [
            'id' => $this->resource->id,
            'address' => $this->resource->address,
            'events' => $this->resource->events->map(static fn (WebhookEvent $one): string => $one->value)->values()->all(),
            'at' => $this->resource->created_at->toIso8601ZuluString(),
            'last' => $last === null ? null : (new WebhookDeliveryResource($last))->resolve($request),
        ];
    }
}
