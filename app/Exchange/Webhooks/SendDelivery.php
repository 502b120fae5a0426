<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use App\Exchange\Models\WebhookDelivery;
use App\Exchange\Sending\Waits;
use App\Exchange\Values\DeliveryState;
use GrayCompass\Document\Refusal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;

/**
 * One attempt to tell a program of something; where it fails the next follows later, for a day. Sent twice only where
 * the worker dies between the answer and its note: the id of the delivery is the same, so that the program knows it.
 */
final class SendDelivery implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $timeout = 30;

    private const ANSWER_SECONDS = 10;

    public function __construct(public readonly string $delivery, public readonly int $attempt)
    {
    }

    public function handle(Addresses $addresses): void
    {
        $delivery = WebhookDelivery::query()->with('webhook')->find($this->delivery);
        // An attempt that was made already, by another worker or before this one died, is not made again.
        if ($delivery?->state !== DeliveryState::Waiting || $delivery->attempts !== $this->attempt) {
            return;
        }
        [$status, $problem] = $this->call($delivery, $addresses);
        DB::transaction(function () use ($delivery, $status, $problem): void {
            $attempts = $this->attempt + 1;
            $wait = $problem === null ? null : Waits::after($this->attempt);
            $delivery->update([
                'attempts' => $attempts, 'status' => $status, 'problem' => $problem,
                'state' => match (true) {
                    $problem === null => DeliveryState::Delivered,
                    $wait === null => DeliveryState::Failed,
                    default => DeliveryState::Waiting,
                },
                'next_at' => $wait === null ? null : Date::now()->addSeconds($wait),
            ]);
            if ($wait !== null) {
                dispatch((new self($this->delivery, $attempts))->delay($wait));
            }
        });
    }

    /** @return array{int|null, string|null} the status of the answer, and why it did not arrive */
    private function call(WebhookDelivery $delivery, Addresses $addresses): array
    {
        $webhook = $delivery->webhook;
        try {
            $machine = $addresses->resolved($webhook->address);
            $answer = Http::withoutRedirecting()->timeout(self::ANSWER_SECONDS)->connectTimeout(self::ANSWER_SECONDS)
                ->withOptions($machine === [] ? [] : ['curl' => [CURLOPT_RESOLVE => $machine]])
                ->withHeaders(Mac::headers($webhook->secret, $delivery->id, $delivery->body))
                ->withBody($delivery->body)->post($webhook->address);

            return [$answer->status(), $answer->successful() ? null : self::answered($answer->status())];
        } catch (ConnectionException) {
            return [null, __('exchange.sendDelivery.no_answer')];
        } catch (Refusal $refusal) {
            return [null, $refusal->reason];
        }
    }

    private static function answered(int $status): string
    {
        return __('exchange.sendDelivery.answered', ['status' => $status]);
    }
}
