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
    /** Lists, calendars that come back, and files with records in base 64, in bytes; nginx lets as much through. */
    private const LONG = [
        'api/imports' => 2_097_152, 'api/imports/preview' => 2_097_152, 'api/calendar/returned' => 2_097_152,
        'api/record-imports' => 8_388_608, 'api/record-imports/preview' => 8_388_608,
    ];

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
            $body === '' || Json::read($body, self::LONG[$request->path()] ?? Json::MAX_BYTES);
        }

        return $next($request);
    }
}
