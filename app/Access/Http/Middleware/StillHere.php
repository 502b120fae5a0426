<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use App\Access\Accounts\Presence;
use App\Access\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session ends by itself, see Presence, and with the last team that someone was in. */
final class StillHere
{
    /**
     * @param  Closure(Request): Response  $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = Auth::user();
        if ($user instanceof User && ($user->membership === null || (new Presence($request->session()))->hasEnded())) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return $next($request);
    }
}
