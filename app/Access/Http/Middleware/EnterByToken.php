<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use App\Access\Models\ApiToken;
use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/**
 * A request with a token comes as the member who made it, in the team that it was made for. It opens only the routes
 * that say so (see OpenToTokens), each use is logged, and what is asked too often is told to wait.
 */
final readonly class EnterByToken
{
    /** Under which the token stands in a request. */
    private const TOKEN = 'token';

    public function __construct(private ThrottleRequests $throttle, private AuditLog $log)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException where the token is unknown, has ended, or its member has left
     */
    public function handle(Request $request, Closure $next): Response
    {
        return $request->bearerToken() === null
            ? $next($request)
            : $this->throttle->handle(
                $request,
                fn (Request $request): Response => $this->enter($request, $next),
                'tokens',
            );
    }

    /** The token that a request came in with; null: it came by a session, or with nothing. */
    public static function of(Request $request): ?ApiToken
    {
        $token = $request->attributes->get(self::TOKEN);

        return $token instanceof ApiToken ? $token : null;
    }

    /** @param  Closure(Request): Response  $next */
    private function enter(Request $request, Closure $next): Response
    {
        Auth::shouldUse('sanctum');
        $user = Auth::user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if (! $user instanceof User || ! $token instanceof ApiToken) {
            throw new AuthenticationException;
        }
        $membership = $token->membership()->whereNull('ended_at')->with('team')->first()
            ?? throw new AuthenticationException;
        $user->setRelation('membership', $membership);
        $request->attributes->set(self::TOKEN, $token);
        $ability = OpenToTokens::neededFor($request);
        if ($ability === null || ! $token->opens($ability)) {
            throw new AccessDeniedHttpException($ability === null
                ? __('access.token.route_is_closed')
                : __('access.token.ability_is_missing', ['ability' => $ability->value]));
        }
        $this->log->record(AuditEvent::TokenUsed, $token->id, ['route' => (string) $request->route()?->getName()]);

        return $next($request);
    }
}
