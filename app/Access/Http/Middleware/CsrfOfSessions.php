<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use Closure;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;

/** What came with a token of its own cannot have been sent by a foreign page, which knows none. */
final class CsrfOfSessions extends ValidateCsrfToken
{
    /**
     * @param  Request  $request
     */
    public function handle($request, Closure $next)
    {
        return EnterByToken::of($request) === null ? parent::handle($request, $next) : $next($request);
    }
}
