<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use App\Access\Values\TokenAbility;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says of a route, as `token:read`, which ability of a token opens it. Without, no token does; see EnterByToken. */
final class OpenToTokens
{
    public const ALIAS = 'token';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $ability): Response
    {
        return $next($request);
    }

    public static function neededFor(Request $request): ?TokenAbility
    {
        $needed = null;
        foreach ($request->route()?->gatherMiddleware() ?? [] as $middleware) {
            if (\is_string($middleware) && str_starts_with($middleware, self::ALIAS.':')) {
                // The innermost says it last.
                $needed = TokenAbility::from(substr($middleware, \strlen(self::ALIAS) + 1));
            }
        }

        return $needed;
    }
}
