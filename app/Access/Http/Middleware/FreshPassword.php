<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use App\Access\Accounts\PasswordNeeded;
use App\Access\Accounts\Presence;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** For what is grave: roles, invitations, whole records. The password was given in the last minutes. */
final class FreshPassword
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws PasswordNeeded
     */
    public function handle(Request $request, Closure $next): Response
    {
        // A token that opens such a door was asked for with the password.
        EnterByToken::of($request) !== null || (new Presence($request->session()))->insistFresh();

        return $next($request);
    }
}
