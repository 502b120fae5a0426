<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Closure;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A body that is no JSON, too deep, or holds a number that no machine can hold is refused before anybody reads it. */
final class ReadableBody
{
    /** Lists, and calendars that come back; nginx lets as much through. */
    private const LONG = ['api/imports', 'api/imports/preview', 'api/calendar/returned'];

    private const LONG_BYTES = 2_097_152;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Refusal
     */
    public function handle(Request $request, Closure $next): Response
    {
        // A file is no JSON, and is read by the person who takes it.
        if ($request->is('api/*') && ! $request->is('api/reference-results/*/attachments')) {
            $body = (string) $request->getContent();
            $body === '' || Json::read($body, $request->is(self::LONG) ? self::LONG_BYTES : Json::MAX_BYTES);
        }

        return $next($request);
    }
}
