<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Access\Accounts\SecondFactor;
use App\Access\Models\Invitation;
use App\Access\Models\Membership;
use App\Access\Teams\TeamDays;
use App\Access\Values\Role;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/**
 * The people of a team by name, who is invited, and which roles there are.
 *
 * @property-read Collection<int, Membership> $resource
 */
final class MembersResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'members' => $this->resource->map(static fn (Membership $one): array => [
                'id' => $one->id,
                'name' => $one->user->name,
                'email' => $one->user->email,
                'role' => $one->role->value,
                'since' => TeamDays::here()->day($one->created_at)->toDateString(),
                'secondFactor' => SecondFactor::isOn($one->user),
            ])->all(),
            'invitations' => Invitation::query()->open()->orderBy('id')->get()
                ->map(static fn (Invitation $one): array => [
                    'id' => $one->id,
                    'email' => $one->email,
                    'role' => $one->role->value,
                    'until' => TeamDays::here()->day($one->expires_at)->toDateString(),
                ])->all(),
            'roles' => array_map(static fn (Role $role): array => [
                'id' => $role->value, 'label' => $role->label(), 'may' => $role->may(),
            ], Role::cases()),
        ];
    }
}
