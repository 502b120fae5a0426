<?php

declare(strict_types=1);

namespace App\Club\Team;

use App\Access\Accounts\Sessions;
use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Access\Teams\Abilities;
use App\Access\Values\Ability;
use App\Access\Values\Role;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Who is in a team. There is always someone who leads it. */
final readonly class Members
{
    public function __construct(private AuditLog $log, private Abilities $abilities)
    {
    }

    /**
     * @return Collection<int, Membership> by name
     */
    public function of(string $team): Collection
    {
        return Membership::query()->where('team_id', $team)->whereNull('ended_at')
            ->with(['user' => static fn ($users) => $users->without('membership')])->get()
            ->sortBy(static fn (Membership $one): string => $one->user->name)->values();
    }

    /** @throws Refusal where nobody would lead the team any more */
    public function changeRole(Membership $membership, Role $role): void
    {
        DB::transaction(function () use ($membership, $role): void {
            $this->insistOnLead($membership, $role);
            $membership->update(['role' => $role]);
            $this->log->record(AuditEvent::RoleChanged, $membership->user_id, ['role' => $role->value]);
        });
    }

    /**
     * What they entered and signed stays theirs; where they are in no other team, they are logged out.
     *
     * @throws Refusal where nobody would lead the team any more
     */
    public function end(Membership $membership): void
    {
        DB::transaction(function () use ($membership): void {
            $this->insistOnLead($membership, null);
            $membership->update(['ended_at' => Date::now()]);
            $user = User::query()->findOrFail($membership->user_id);
            if ($user->membership_id === $membership->id) {
                $user->update(['membership_id' => $user->memberships()->value('id')]);
                Sessions::endAll($user);
            }
            $this->log->record(AuditEvent::MemberLeft, $membership->user_id);
        });
    }

    private function insistOnLead(Membership $membership, ?Role $role): void
    {
        $leads = Membership::query()->where('team_id', $membership->team_id)->whereIn('role', $this->abilities->roles(Ability::Lead))
            ->whereNull('ended_at')->lockForUpdate()->pluck('id');
        if (! $this->abilities->has($role, Ability::Lead) && $leads->all() === [$membership->id]) {
            throw Refusal::at('role', __('club.members.this_is_the_only_lead_of'));
        }
    }
}
