<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LoginRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** Logging in and out, and who is there. */
final class SessionController
{
    /** Failed tries for one account from one address, in a minute. */
    private const MOST_FAILURES = 10;

    public function store(LoginRequest $request): JsonResponse
    {
        if (RateLimiter::tooManyAttempts($request->throttleKey(), self::MOST_FAILURES)) {
            return response()->json(['error' => ['path' => '', 'reason' => 'Too many failed tries: wait a minute.']], 429);
        }
        if (! Auth::attempt($request->credentials())) {
            RateLimiter::hit($request->throttleKey());

            return response()->json(['error' => ['path' => 'password', 'reason' => 'The e-mail or the password is not right.']], 422);
        }
        RateLimiter::clear($request->throttleKey());
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return response()->json([
            'user' => $user instanceof User ? [
                'id' => $user->id,
                'name' => $user->name,
                'role' => $user->membership->role->value,
                'team' => $user->membership->team()->value('name'),
            ] : null,
            'csrf' => $request->session()->token(),
            'demo' => (bool) config('app.demo'),
        ]);
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    /** An empty authenticated answer, the yardstick of bin/bench. */
    public function ping(): Response
    {
        return response()->noContent();
    }
}
