<?php

declare(strict_types=1);

namespace App\Access\Http\Controllers;

use App\Access\Accounts\CodeNeeded;
use App\Access\Accounts\Demo;
use App\Access\Accounts\KnownDevice;
use App\Access\Accounts\Presence;
use App\Access\Accounts\SecondFactor;
use App\Access\Accounts\Sessions;
use App\Access\Http\Requests\LoginRequest;
use App\Access\Http\Resources\SessionResource;
use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Post;
use App\Platform\Server\Disk;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;

/** Logging in and out, who is there, and where else they are. Failed tries are counted by the limiter `login`. */
final readonly class SessionController
{
    public function __construct(private AuditLog $log, private Post $post, private Disk $disk)
    {
    }

    /**
     * @throws Refusal where the two do not belong together; which of them is wrong is not told
     * @throws CodeNeeded where the account has a second factor and no code came along
     */
    public function store(LoginRequest $request): SessionResource
    {
        // Everybody knows the demo's password, so it opens the demo alone.
        $mayEnter = static fn (User $user): bool => $user->membership !== null
            && ((bool) config('app.demo') || ! Hash::check(Demo::PASSWORD, $user->password));
        $hasFactor = static fn (User $user): bool => ! SecondFactor::isOn($user) || match ($request->code()) {
            null => throw new CodeNeeded,
            default => SecondFactor::accepts($user, $request->code()),
        };
        if (! Auth::attemptWhen($request->credentials(), [$mayEnter, $hasFactor])) {
            $this->log->record(AuditEvent::LogInRefused, by: User::at($request->email()));
            throw $request->code() === null
                ? Refusal::at('password', __('access.sessionController.the_e_mail_address_or_the'))
                : Refusal::at('code', __('access.sessionController.the_password_or_the_code_is'));
        }
        $request->session()->regenerate();
        (new Presence($request->session()))->begin($request->isShared());
        $this->log->record(AuditEvent::LoggedIn);
        Cookie::queue(KnownDevice::of($request)->with((string) $request->email()));

        return $this->show();
    }

    public function show(): SessionResource
    {
        return new SessionResource(Auth::user(), $this->post, $this->disk);
    }

    public function destroy(Request $request): Response
    {
        $this->log->record(AuditEvent::LoggedOut);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What waits to be sent may stay encrypted on the device, so its storage is left; what pages left behind is not.
        return response()->noContent()->header('Clear-Site-Data', '"cache"');
    }

    /** An empty authenticated answer, the yardstick of bin/bench. */
    public function ping(): Response
    {
        return response()->noContent();
    }

    public function index(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(Sessions::of($user, $request->session()->getId()));
    }

    public function end(string $session, #[CurrentUser] User $user): Response
    {
        abort_unless(Sessions::end($user, $session), 404);
        $this->log->record(AuditEvent::SessionEnded);

        return response()->noContent();
    }

    /** Everywhere but here. */
    public function endOthers(Request $request, #[CurrentUser] User $user): Response
    {
        $ended = Sessions::endAll($user, $request->session()->getId());
        $this->log->record(AuditEvent::SessionEnded, detail: ['sessions' => $ended]);

        return response()->noContent();
    }
}
