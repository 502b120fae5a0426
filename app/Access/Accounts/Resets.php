<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Mail\AccountChange;
use App\Access\Mail\ResetMail;
use App\Access\Models\Reset;
use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Post;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/** A forgotten password: a mailed link, once and for an hour. */
final readonly class Resets
{
    private const MINUTES = 60;

    /** Mails for one account in an hour; more are not sent, and nobody is told. */
    private const AN_HOUR = 3;

    public function __construct(private Post $post, private AuditLog $log, private AccountNotice $notice)
    {
    }

    /** Where there is such an account, its owner is written to. */
    public function ask(?string $email): void
    {
        $user = User::at($email);
        if ($user === null || $email === null || $this->enough($user)) {
            return;
        }
        $token = Token::make();
        DB::transaction(function () use ($user, $token): void {
            Reset::query()->create([
                'user_id' => $user->id, 'token_hash' => $token->hash(),
                'expires_at' => Date::now()->addMinutes(self::MINUTES),
            ]);
            $this->log->record(AuditEvent::PasswordAskedFor, $user->id, [], $user);
        });
        $team = $user->membership?->team_id;
        $this->post->send($email, new ResetMail($team, URL::to('/reset')."#{$token->secret}", self::MINUTES));
    }

    /**
     * Ends every session of theirs; the second factor stays as it is.
     *
     * @throws Refusal
     */
    public function change(Token $token, string $password): void
    {
        $user = DB::transaction(function () use ($token, $password): User {
            $reset = Reset::query()->where('token_hash', $token->hash())
                ->where('expires_at', '>', Date::now())->lockForUpdate()->first()
                ?? throw Refusal::at('token', __('access.resets.this_link_was_used_or_has'));
            $user = User::query()->findOrFail($reset->user_id);
            Passwords::insist($password, $user->name, $user->email);
            $user->update(['password' => $password]);
            Reset::query()->where('user_id', $user->id)->delete();
            Sessions::endAll($user);
            $this->log->record(AuditEvent::PasswordChanged, $user->id, ['by' => 'mailed link'], $user);

            return $user;
        });
        $this->notice->tell($user, AccountChange::Password);
    }

    /** Links that were mailed before stay good until their end: a stranger who asks again voids none. */
    private function enough(User $user): bool
    {
        return Reset::query()->where('user_id', $user->id)
            ->where('expires_at', '>', Date::now())->count() >= self::AN_HOUR;
    }
}
