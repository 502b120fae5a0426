<?php

declare(strict_types=1);

namespace App\Access\Tokens;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;

/** How often a token may come. Nobody guesses 256 bits: this is for the load alone. */
final class TokenLimits
{
    private const OF_A_TOKEN = 300;

    private const OF_AN_ADDRESS = 1_200;

    /** @return list<Limit> for a minute */
    public static function for(Request $request): array
    {
        return [
            Limit::perMinute(self::OF_A_TOKEN)->by(hash('sha256', (string) $request->bearerToken())),
            Limit::perMinute(self::OF_AN_ADDRESS)->by((string) $request->ip()),
        ];
    }
}
