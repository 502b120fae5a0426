<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Mail\InvitationMail;
use App\Access\Models\Invitation;
use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\TeamScope;
use App\Platform\Mail\Post;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\URL;

/** How someone comes into a team: by a link that a lead has mailed to them, which works once. */
final readonly class Invitations
{
    public const DAYS = 7;

    public function __construct(private Post $post, private AuditLog $log)
    {
    }

    /**
     * One invitation is open for an address at a time: a new one takes the place of the one before.
     *
     * @return array{Invitation, string} with the address of the link
     *
     * @throws Refusal where they are in the team already
     */
    public function invite(User $by, string $email, Role $role): array
    {
        return $this->send($by->present()->team, $by, $by->name, $email, $role);
    }

    /**
     * For the person who keeps the server, where a team has nobody yet.
     *
     * @return string the address that lets them in
     *
     * @throws Refusal where they are in the team already
     */
    public function fromConsole(Team $team, string $email, Role $role): string
    {
        return $this->send($team, null, __('access.invitations.administrator'), $email, $role)[1];
    }

    /**
     * @return array{Invitation, string} with the address of the link
     *
     * @throws Refusal
     */
    private function send(Team $team, ?User $by, string $from, string $email, Role $role): array
    {
        if (User::at($email)?->memberships()->where('team_id', $team->id)->exists() === true) {
            throw Refusal::at('email', __('access.invitations.this_person_is_in_the_team'));
        }
        $token = Token::make();
        $invitation = DB::transaction(function () use ($by, $email, $role, $team, $token): Invitation {
            $earlier = Invitation::query()->withoutGlobalScope(TeamScope::class)->open()->where('team_id', $team->id)
                ->get()->where('email', $email);
            foreach ($earlier as $one) {
                $one->delete();
                $this->log->record(AuditEvent::InvitationWithdrawn, $one->id, [], $by, $team->id);
            }
            $made = Invitation::query()->create([
                'team_id' => $team->id, 'invited_by' => $by?->id, 'email' => $email, 'role' => $role,
                'token_hash' => $token->hash(), 'expires_at' => Date::now()->addDays(self::DAYS),
            ]);
            $this->log->record(AuditEvent::InvitationSent, $made->id, ['role' => $role->value], $by);

            return $made;
        });
        $address = URL::to('/invitation')."#{$token->secret}";
        $this->post->send(
            $email, new InvitationMail($team->id, $team->name, $from, $role->value, $address, self::DAYS),
        );

        return [$invitation, $address];
    }

    /** The open invitation that a link stands for; null where it was used, withdrawn, or is too old. */
    public function find(Token $token): ?Invitation
    {
        return Invitation::query()->withoutGlobalScope(TeamScope::class)->open()
            ->where('token_hash', $token->hash())->first();
    }

    /**
     * The owner of an account logs in first, past its limits and its second factor; for everybody else one is made. An
     * account that is in no team any more cannot log in: its password, and its code, are asked for here.
     *
     * @param  string|null  $name  needed for a new account
     * @param  string  $password  of a new account, or of one that is in no team
     * @param  string|null  $code  of the second factor of one that is in no team
     * @param  User|null  $in  who is logged in
     *
     * @throws Refusal|CodeNeeded
     */
    public function accept(Token $token, ?string $name, string $password, ?string $code, ?User $in): User
    {
        return DB::transaction(function () use ($token, $name, $password, $code, $in): User {
            $invitation = Invitation::query()->withoutGlobalScope(TeamScope::class)->open()->lockForUpdate()
                ->where('token_hash', $token->hash())->first()
                ?? throw Refusal::at('token', __('access.invitations.this_link_was_used_or_withdrawn'));
            $user = User::at($invitation->email);
            $user === null || self::insist($user, $in, $password, $code);
            $user ??= $this->account($invitation->email, trim((string) $name), $password);
            // The person who comes back takes up the place that they had.
            $membership = Membership::query()->updateOrCreate(
                ['team_id' => $invitation->team_id, 'user_id' => $user->id],
                ['role' => $invitation->role, 'ended_at' => null],
            );
            $user->update(['membership_id' => $membership->id]);
            $invitation->update(['used_at' => Date::now()]);
            $user->refresh();
            $this->log->record(AuditEvent::MemberJoined, $user->id, ['role' => $invitation->role->value], $user);

            return $user;
        });
    }

    /** @throws Refusal|CodeNeeded */
    private static function insist(User $user, ?User $in, string $password, ?string $code): void
    {
        if ($user->id === $in?->id) {
            return;
        }
        if ($user->membership !== null) {
            throw Refusal::at('email', __('access.invitations.there_is_an_account_with_this'));
        }
        if (! Hash::check($password, $user->password)) {
            throw Refusal::at('password', __('access.invitations.this_is_not_the_password_of'));
        }
        if (SecondFactor::isOn($user) && ! SecondFactor::accepts($user, $code ?? throw new CodeNeeded)) {
            throw Refusal::at('code', __('access.invitations.the_code_is_wrong_each_code'));
        }
    }

    /** @throws Refusal */
    private function account(string $email, string $name, string $password): User
    {
        if ($name === '') {
            throw Refusal::at('name', __('access.invitations.it_is_missing'));
        }
        Passwords::insist($password, $name, $email);

        return User::query()->create(['name' => $name, 'email' => $email, 'password' => $password]);
    }
}
