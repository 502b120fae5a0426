<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Symfony\Component\HttpFoundation\Response;

/** A session ends twelve hours after its log-in, however busy it is: longer than a day at the club nobody stays. */
final class EndOfSession
{
    /** When somebody logged in, in the session; seconds since 1970. */
    public const BEGUN = 'begun';

    private const SECONDS = 12 * 3600;

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $begun = $request->session()->get(self::BEGUN);
        if (is_int($begun) && Date::now()->getTimestamp() - $begun >= self::SECONDS) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return $next($request);
    }
}
