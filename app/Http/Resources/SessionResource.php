<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use App\People\DeviceKey;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Who is there, and the token that a change must carry.
 *
 * @property-read User|null $resource
 */
final class SessionResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $user = $this->resource;

        return [
            'user' => $user === null ? null : [
                'id' => $user->id,
                'name' => $user->name,
                'role' => $user->role()->value,
                'team' => $user->present()->team()->value('name'),
            ],
            'deviceKey' => $user === null ? null : DeviceKey::of($user),
            'csrf' => $request->session()->token(),
            'demo' => (bool) config('app.demo'),
        ];
    }
}
