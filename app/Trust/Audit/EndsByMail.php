<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Access\Models\Membership;
use App\Access\Teams\Abilities;
use App\Access\Values\Ability;
use App\Platform\Audit\HashChain;
use App\Platform\Mail\Post;
use Illuminate\Support\Facades\Date;

/** Mails the leads of each team how its log ends, so that one end lies where nobody of this machine can change it. */
final readonly class EndsByMail
{
    public function __construct(private Post $post, private Abilities $abilities)
    {
    }

    public function __invoke(): void
    {
        // Without a mail server it would lie beside the log itself.
        if (! $this->post->leaves()) {
            return;
        }
        $on = Date::now('UTC')->format('Y-m-d H:i');
        foreach (HashChain::query()->where('team_id', '!=', HashChain::NO_TEAM)->get() as $end) {
            $leads = Membership::query()->with(['user', 'team'])->where('team_id', $end->team_id)
                ->whereIn('role', $this->abilities->roles(Ability::ReadLog))->whereNull('ended_at')->get();
            foreach ($leads as $lead) {
                $this->post->send($lead->user->email, new EndOfLogMail(
                    $end->team_id, $lead->user->name, $lead->team->name, $on, $end->count, $end->hash,
                ));
            }
        }
    }
}
