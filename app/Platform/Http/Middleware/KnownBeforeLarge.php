<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** What is longer than a tap is read only for whoever is logged in: a stranger's costs no more than being turned away. */
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
