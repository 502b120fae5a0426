<?php

declare(strict_types=1);

namespace App\Club\Http\Controllers;

use App\Access\Accounts\Presence;
use App\Access\Http\Resources\SessionResource;
use App\Access\Models\User;
use App\Club\Http\Requests\TeamRequest;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Post;
use App\Platform\Server\Disk;
use GrayCompass\Core\Sentences\Language;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The team itself, and in which of several teams the user works. */
final readonly class TeamController
{
    public function __construct(private AuditLog $log)
    {
    }

    public function show(#[CurrentUser] User $user): JsonResponse
    {
        $team = $user->present()->team;

        return response()->json([
            'name' => $team->name, 'asksSecondFactor' => $team->asks_second_factor, ...$team->settings->content(),
        ]);
    }

    public function update(TeamRequest $request, #[CurrentUser] User $user): Response
    {
        (new Presence($request->session()))->insistFresh();
        DB::transaction(function () use ($request, $user): void {
            $settings = $request->settings();
            $user->present()->team->update($settings);
            $this->log->record(AuditEvent::TeamChanged, $user->teamId(), [
                'second factor asked for' => $settings['asks_second_factor'] ? 'yes' : 'no',
                'pages shared' => $settings['settings']->sharesPages ? 'yes' : 'no',
                'translations reviewed' => implode(', ', array_map(
                    static fn (Language $one): string => $one->label(),
                    $settings['settings']->reviewed,
                )) ?: 'none',
                'kept for years' => $settings['settings']->keepsYears ?? 'for ever',
            ]);
        });

        return response()->noContent();
    }

    /** From here on, in every tab: two teams at once would be two records in one hand. */
    public function choose(string $team, #[CurrentUser] User $user, Post $post, Disk $disk): SessionResource
    {
        $membership = $user->memberships()->where('team_id', $team)->first() ?? abort(404);
        $user->update(['membership_id' => $membership->id]);

        return new SessionResource($user->refresh(), $post, $disk);
    }
}
