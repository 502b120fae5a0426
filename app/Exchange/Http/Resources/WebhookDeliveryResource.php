<?php

declare(strict_types=1);

namespace App\Exchange\Http\Resources;

use App\Exchange\Models\WebhookDelivery;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A call to a program, and whether it took it.
 *
 * @property-read WebhookDelivery $resource
 */
final class WebhookDeliveryResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'event' => $this->resource->event->value,
            'label' => $this->resource->event->label(),
            'state' => $this->resource->state->value,
            'attempts' => $this->resource->attempts,
            'status' => $this->resource->status,
            'problem' => $this->resource->problem,
            'at' => $this->resource->created_at->toIso8601ZuluString(),
            'nextAt' => $this->resource->next_at?->toIso8601ZuluString(),
        ];
    }
}
