<?php

declare(strict_types=1);

namespace App\Access\Http\Resources;

use App\Access\Accounts\DeviceKey;
use App\Access\Accounts\SecondFactor;
use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\Ability;
use App\Access\Values\Season;
use App\Platform\Mail\Post;
use App\Platform\Server\Disk;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Who is there, and the token that a change must carry.
 *
 * @property-read User|null $resource
 */
final class SessionResource extends JsonResource
{
    public function __construct(?User $user, private readonly Post $post, private readonly Disk $disk)
    {
        parent::__construct($user);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $user = $this->resource;
        $days = $user === null ? new TeamDays : TeamDays::of($user->present()->team);

        return [
            'user' => $user === null ? null : [
                'id' => $user->id,
                'name' => $user->name,
                'role' => $user->role()->value,
                'leads' => $user->can(Ability::Lead),
                'examines' => $user->can(Ability::Examine),
                'answers' => $user->can(Ability::Answer),
                'team' => $user->present()->team->name,
                'teams' => $user->memberships()->with('team')->get()->map(static fn (Membership $one): array => [
                    'id' => $one->team_id, 'name' => $one->team->name, 'here' => $one->id === $user->membership_id,
                ])->all(),
                'secondFactor' => SecondFactor::isOn($user),
                'begins' => [
                    'setting' => $user->present()->team->settings->setting?->value,
                    'schools' => (object) $user->present()->team->settings->schools,
                ],
                'sharesPages' => $user->present()->team->settings->sharesPages,
                'seasons' => array_map(static fn (Season $one): array => [
                    'squad' => $one->squad, 'words' => $one->words($days->today(), $days->order),
                ], $user->present()->team->settings->seasons),
                'timeZone' => $days->zone,
                'dateOrder' => $days->order->value,
                'asksSecondFactor' => $user->present()->team->asks_second_factor,
            ],
            'deviceKey' => $user === null ? null : DeviceKey::of($user),
            'csrf' => $request->session()->token(),
            'demo' => (bool) config('app.demo'),
            'server' => ['mailLeaves' => $this->post->leaves(), 'disk' => $this->disk->room()],
        ];
    }
}
