<?php

declare(strict_types=1);

namespace App\Access\Http\Controllers;

use App\Access\Accounts\AccountNotice;
use App\Access\Accounts\Presence;
use App\Access\Accounts\SecondFactor;
use App\Access\Accounts\TimeCode;
use App\Access\Http\Requests\CodeRequest;
use App\Access\Mail\AccountChange;
use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Turning the second factor on, in two steps, and off. Each asks that the password was given a moment ago. */
final readonly class SecondFactorController
{
    /** Where a session keeps the secret until a code shows that the app has it. */
    private const PENDING = 'factor';

    public function __construct(private AuditLog $log, private AccountNotice $notice)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        (new Presence($request->session()))->insistFresh();
        $secret = random_bytes(TimeCode::SECRET_BYTES);
        $request->session()->put(self::PENDING, base64_encode($secret));
        $code = new TimeCode($secret);

        return response()->json(['secret' => $code->typed(), 'address' => $code->address($user->email)]);
    }

    /** @throws Refusal */
    public function update(CodeRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $pending = $request->session()->get(self::PENDING);
        $codes = is_string($pending)
            ? SecondFactor::turnOn($user, (string) base64_decode($pending, true), $request->code())
            : throw Refusal::at('code', __('access.secondFactorController.the_secret_has_expired_start_again'));
        if ($codes === null) {
            throw Refusal::at('code', __('access.secondFactorController.the_code_is_wrong_check_that'));
        }
        $request->session()->forget(self::PENDING);
        $this->log->record(AuditEvent::SecondFactorOn);
        $this->notice->tell($user, AccountChange::FactorOn);

        return response()->json(['recoveryCodes' => $codes]);
    }

    /**
     * The password alone does not turn it off: the person who found a session open knows no code.
     *
     * @throws Refusal where the team asks for it, or the code is another one
     */
    public function destroy(CodeRequest $request, #[CurrentUser] User $user): Response
    {
        (new Presence($request->session()))->insistFresh();
        if ($user->present()->team->asks_second_factor) {
            throw Refusal::ofTheWhole(__('access.secondFactorController.your_team_asks_for_a_second'));
        }
        if (! SecondFactor::accepts($user, $request->code())) {
            throw Refusal::at('code', __('access.secondFactorController.the_code_is_wrong_each_code'));
        }
        SecondFactor::turnOff($user);
        $this->log->record(AuditEvent::SecondFactorOff);
        $this->notice->tell($user, AccountChange::FactorOff);

        return response()->noContent();
    }
}
