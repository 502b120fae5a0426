<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** Each access that is refused leaves a line in the log: which door, who tried and from where, and no value of it. */
final class NoteRefusals
{
    private const REFUSED = [403, 404, 419, 429];

    /** So that a flood of tries fills no disk. */
    private const LINES_A_MINUTE = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $status = $response->getStatusCode();
        if (\in_array($status, self::REFUSED, true)) {
            RateLimiter::attempt('refusals', self::LINES_A_MINUTE, static fn () => Log::warning(sprintf(
                'refused %d %s %s, account %s, from %s', $status, $request->method(), $request->route()?->uri() ?? '-',
                $request->user()->id ?? 'none', $request->ip(),
            )));
        }

        return $response;
    }
}
