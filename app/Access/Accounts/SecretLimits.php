<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Models\User;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * How often someone may be wrong at one door: with their own password or code, or by asking for mails. Each door counts
 * for itself, and a user who is logged in by account, so that nobody closes a door for those behind the same address.
 * Links need no limit here: their secrets have 256 bits, and nginx slows down the person who guesses.
 */
final class SecretLimits
{
    private const A_MINUTE = 10;

    private const AN_HOUR = 60;

    /**
     * @return list<Limit>
     */
    public static function for(Request $request): array
    {
        $user = $request->user();
        $who = ($request->route()?->getName() ?? '').' '.($user instanceof User ? $user->id : $request->ip());

        return [
            Limit::perMinute(self::A_MINUTE)->by("minute {$who}")->after(self::counts(...)),
            Limit::perHour(self::AN_HOUR)->by("hour {$who}")->after(self::counts(...)),
        ];
    }

    /** What was refused, and every mail. */
    private static function counts(Response $response): bool
    {
        return in_array($response->getStatusCode(), [202, 422], true);
    }
}
