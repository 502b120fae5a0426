<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Access\Models\User;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use Illuminate\Database\Eloquent\Builder;

/** Which audit entries of a team to show; null asks for all. */
final readonly class Search
{
    public const A_PAGE = 50;

    public function __construct(
        public string $team,
        public ?string $person = null,
        public ?AuditEvent $event = null,
        public ?string $subject = null,
        public int $page = 1,
    ) {
    }

    /**
     * Newest first.
     *
     * @return Builder<AuditEntry>
     */
    public function entries(): Builder
    {
        $log = AuditEntry::query()->where('team_id', $this->team);
        if ($this->person !== null) {
            $log->where('user_id', $this->person);
        }
        if ($this->event !== null) {
            $log->where('event', $this->event);
        }
        if ($this->subject !== null) {
            $log->where('subject', $this->subject);
        }

        return $log->orderByDesc('id');
    }

    /**
     * Everybody who is or was in the team and did something.
     *
     * @return array<string, string> names by id, in their order
     */
    public function people(): array
    {
        $ids = AuditEntry::query()->where('team_id', $this->team)->whereNotNull('user_id')->distinct()->pluck('user_id');
        $names = [];
        foreach (User::query()->without('membership')->whereIn('id', $ids)->get() as $user) {
            $names[$user->id] = $user->name;
        }
        asort($names);

        return $names;
    }
}
