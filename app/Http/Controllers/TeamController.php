<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Requests\TeamRequest;
use App\Http\Resources\SessionResource;
use App\Models\User;
use App\People\Presence;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The team itself, and in which of several somebody is at work. */
final readonly class TeamController
{
    public function __construct(private Deeds $deeds)
    {
    }

    public function update(TeamRequest $request, #[CurrentUser] User $user): Response
    {
        (new Presence($request->session()))->insistFresh();
        DB::transaction(function () use ($request, $user): void {
            $user->present()->team->update($request->settings());
            $this->deeds->record(What::TeamChanged, $user->teamId(), [
                'second factor asked for' => $request->boolean('asksSecondFactor') ? 'yes' : 'no',
            ]);
        });

        return response()->noContent();
    }

    /** From here on, in every tab: two teams at once would be two records in one hand. */
    public function choose(string $team, #[CurrentUser] User $user): SessionResource
    {
        $membership = $user->memberships()->where('team_id', $team)->first() ?? abort(404);
        $user->update(['membership_id' => $membership->id]);

        return new SessionResource($user->refresh());
    }
}
