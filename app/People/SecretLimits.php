<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** How often links, codes and passwords may be guessed by whoever is here already, or asked to be mailed. */
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
        $who = ($user instanceof User ? $user->id : '-')." {$request->ip()}";

        return [
            Limit::perMinute(self::A_MINUTE)->by("minute {$who}")->after(self::counts(...)),
            Limit::perHour(self::AN_HOUR)->by("hour {$who}")->after(self::counts(...)),
        ];
    }

    /** What was refused, what was not found, and every mail. */
    private static function counts(Response $response): bool
    {
        return in_array($response->getStatusCode(), [202, 404, 422], true);
    }
}
