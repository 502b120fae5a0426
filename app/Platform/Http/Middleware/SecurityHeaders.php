<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No inline script, no third party, no framing, nothing sent along to other sites. */
final class SecurityHeaders
{
    private const HEADERS = [
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(), geolocation=(), microphone=()',
        'Referrer-Policy' => 'no-referrer',
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
    ];

    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'; connect-src 'self'";

    /** Where the way is TLS all along, it stays so for a year. */
    private const HSTS = 'max-age=31536000; includeSubDomains';

    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add(self::HEADERS);
        $response->headers->set('Content-Security-Policy', implode(' ', [self::POLICY, ...self::instruments()]));
        if ((bool) config('session.secure')) {
            $response->headers->set('Strict-Transport-Security', self::HSTS);
        }
        if ($request->is('api/*')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }

    /**
     * Instruments answer on the practitioner's own machine.
     *
     * @return list<string>
     */
    private static function instruments(): array
    {
        $addresses = config('exchange.instruments');

        return \is_array($addresses) ? array_values(array_filter($addresses, is_string(...))) : [];
    }
}
