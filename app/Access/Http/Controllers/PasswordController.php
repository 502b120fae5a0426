<?php

declare(strict_types=1);

namespace App\Access\Http\Controllers;

use App\Access\Accounts\AccountNotice;
use App\Access\Accounts\Passwords;
use App\Access\Accounts\Presence;
use App\Access\Accounts\Resets;
use App\Access\Accounts\Sessions;
use App\Access\Accounts\Token;
use App\Access\Http\Requests\PasswordRequest;
use App\Access\Mail\AccountChange;
use App\Access\Models\User;
use App\Access\Values\Email;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

use function Illuminate\Support\defer;

/** Showing one's password again, changing it, and a forgotten one. */
final readonly class PasswordController
{
    public function __construct(private AuditLog $log, private AccountNotice $notice)
    {
    }

    /** @throws Refusal where it is another */
    public function confirm(PasswordRequest $request, #[CurrentUser] User $user): Response
    {
        if (! Hash::check($request->password(), $user->password)) {
            throw Refusal::at('password', __('access.passwordController.this_is_not_your_password'));
        }
        (new Presence($request->session()))->passwordGiven();

        return response()->noContent();
    }

    /** Wherever else someone is logged in with the old one, they are not any more. */
    public function update(PasswordRequest $request, #[CurrentUser] User $user): Response
    {
        if (! Hash::check($request->current(), $user->password)) {
            throw Refusal::at('current', __('access.passwordController.this_is_not_your_password'));
        }
        Passwords::insist($request->password(), $user->name, $user->email);
        DB::transaction(function () use ($request, $user): void {
            $user->update(['password' => $request->password()]);
            Sessions::endAll($user, $request->session()->getId());
            $this->log->record(AuditEvent::PasswordChanged, $user->id);
        });
        $this->notice->tell($user, AccountChange::Password);

        return response()->noContent();
    }

    /** The answer, and how long it takes, is the same whether there is such an account. */
    public function forgotten(PasswordRequest $request, Resets $resets): Response
    {
        $email = Email::normal($request->string('email')->toString());
        defer(static fn () => $resets->ask($email));

        return response()->noContent(202);
    }

    public function reset(PasswordRequest $request, Resets $resets): Response
    {
        $resets->change(Token::from($request->string('token')->toString()), $request->password());

        return response()->noContent();
    }
}
