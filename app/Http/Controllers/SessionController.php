<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Middleware\EndOfSession;
use App\Http\Requests\LoginRequest;
use App\Http\Resources\SessionResource;
use App\Models\User;
use App\People\Demo;
use GrayCompass\Document\Refusal;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Hash;

/** Logging in and out, and who is there. Failed tries are counted by the limiter `login`. */
final readonly class SessionController
{
    public function __construct(private Deeds $deeds)
    {
    }

    /** @throws Refusal where the two do not belong together; which of them is wrong is not told */
    public function store(LoginRequest $request): SessionResource
    {
        // Everybody knows the demo's password, so it opens the demo alone.
        $mayEnter = fn (User $user): bool => (bool) config('app.demo') || ! Hash::check(Demo::PASSWORD, $user->password);
        if (! Auth::attemptWhen($request->credentials(), $mayEnter)) {
            $this->deeds->record(What::LogInRefused);
            throw Refusal::at('password', 'The e-mail or the password is not right.');
        }
        $request->session()->regenerate();
        $request->session()->put(EndOfSession::BEGUN, Date::now()->getTimestamp());
        $this->deeds->record(What::LoggedIn);

        return $this->show();
    }

    public function show(): SessionResource
    {
        return new SessionResource(Auth::user());
    }

    public function destroy(Request $request): Response
    {
        $this->deeds->record(What::LoggedOut);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What waits to be sent may stay sealed on the device, so its storage is left; what pages left behind is not.
        return response()->noContent()->header('Clear-Site-Data', '"cache"');
    }

    /** An empty authenticated answer, the yardstick of bin/bench. */
    public function ping(): Response
    {
        return response()->noContent();
    }
}
