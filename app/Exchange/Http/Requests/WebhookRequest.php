<?php

declare(strict_types=1);

namespace App\Exchange\Http\Requests;

use App\Exchange\Http\Shapes\WebhookShapes;
use App\Exchange\Values\WebhookEvent;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** A program that wants to be told. */
final class WebhookRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return WebhookShapes::newWebhook();
    }

    protected function also(): array
    {
        return ['events' => ['min:1'], 'events.*' => ['distinct']];
    }

    public function address(): string
    {
        return $this->string('address')->trim()->toString();
    }

    /** @return list<WebhookEvent> */
    public function events(): array
    {
        /** @var list<string> $events */
        $events = $this->input('events');

        return array_map(WebhookEvent::from(...), $events);
    }
}
