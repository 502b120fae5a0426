<?php

declare(strict_types=1);

namespace App\Trust\Audit\Checks;

use App\Access\Models\Membership;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;

/** Who is in a team, and as what, is what was written down last. */
final readonly class Roles implements Check
{
    private const EVENTS = [AuditEvent::MemberJoined, AuditEvent::RoleChanged, AuditEvent::MemberLeft];

    public function faults(): iterable
    {
        $roles = $gone = [];
        foreach (AuditEntry::query()->whereIn('event', self::EVENTS)->orderBy('id')->lazy(500) as $entry) {
            $key = "{$entry->team_id} {$entry->subject}";
            $gone[$key] = $entry->event === AuditEvent::MemberLeft;
            $roles[$key] = $entry->detail['role'] ?? $roles[$key] ?? null;
        }
        foreach (Membership::query()->lazy(200) as $membership) {
            $key = "{$membership->team_id} {$membership->user_id}";
            if (($roles[$key] ?? null) !== $membership->role->value) {
                yield "The role of {$membership->user_id} in team {$membership->team_id} is not the one that was given.";
            } elseif ($gone[$key] !== ($membership->ended_at !== null)) {
                yield "Whether {$membership->user_id} is in team {$membership->team_id} is not as it was written.";
            }
            unset($roles[$key]);
        }
        foreach (array_keys($roles) as $key) {
            yield "A place in a team is gone: {$key}.";
        }
    }
}
