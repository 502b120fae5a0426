<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A long body is read only for a user who is logged in: that of a stranger costs no more than a refusal. */
final class KnownBeforeLarge
{
    private const MOST_BYTES = 65_536;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->header('Content-Length', '0') > self::MOST_BYTES && Auth::guest()) {
            throw new AuthenticationException;
        }

        return $next($request);
    }
}
