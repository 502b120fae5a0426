<?php

declare(strict_types=1);

namespace App\Exchange\Http\Shapes;

use App\Exchange\Values\DeliveryState;
use App\Exchange\Values\WebhookEvent;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\Words;
use GrayCompass\Document\Shape\YesNo;

/** Programs that are told of what happens. */
final class WebhookShapes
{
    public static function newWebhook(): Definition
    {
        return new Definition('NewWebhook', new Fields([
            'address' => new Noted(Text::upTo(500), 'of the program, https or http'),
            'events' => new Noted(new Words(self::events()), 'at least one'),
        ], strict: true));
    }

    public static function webhook(): Definition
    {
        return new Definition('Webhook', self::fields());
    }

    public static function addedWebhook(): Definition
    {
        return new Definition('AddedWebhook', new Fields([
            'webhook' => self::webhook(),
            'secret' => new Noted(Text::free(), 'by which the program knows our calls; told once'),
        ]));
    }

    public static function webhooks(): Definition
    {
        return new Definition('Webhooks', new Fields([
            'webhooks' => new Items(self::webhook()),
            'events' => new Items(new Fields(['id' => new Word(self::events()), 'label' => Text::free()])),
            'areAllowed' => new Noted(new YesNo, 'whether the operator of this server lets it call any address'),
        ]));
    }

    public static function webhookDelivery(): Definition
    {
        return new Definition('WebhookDelivery', new Fields([
            'id' => Text::free(),
            'event' => Word::of(WebhookEvent::class),
            'label' => Text::free(),
            'state' => Word::of(DeliveryState::class),
            'attempts' => Number::anyWhole(),
            'status' => new Noted(new OrNull(Number::anyWhole()), 'HTTP status of the last answer; null: there was none'),
            'problem' => new OrNull(Text::free()),
            'at' => new Moment,
            'nextAt' => new Noted(new OrNull(new Moment), 'of the next attempt'),
        ]));
    }

    private static function fields(): Fields
    {
        return new Fields([
            'id' => Text::free(),
            'address' => Text::free(),
            'events' => new Items(new Word(self::events())),
            'at' => new Moment,
            'last' => new OrNull(self::webhookDelivery()),
        ]);
    }

    /** @return non-empty-list<string> */
    private static function events(): array
    {
        return array_map(static fn (WebhookEvent $one): string => $one->value, WebhookEvent::chosen());
    }
}
