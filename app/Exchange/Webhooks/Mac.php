<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use Illuminate\Support\Facades\Date;

/** By what a program knows that a call is ours, that nobody changed it, and that it is not an old one sent again. */
final class Mac
{
    /** @return array<string, string> headers of a call */
    public static function headers(string $secret, string $delivery, string $body): array
    {
        $time = (string) Date::now()->getTimestamp();

        return [
            'Gray-Compass-Delivery' => $delivery,
            'Gray-Compass-Time' => $time,
            'Gray-Compass-Mac' => hash_hmac('sha256', "{$time}.{$delivery}.{$body}", $secret),
        ];
    }
}
