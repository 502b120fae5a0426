<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Membership;
use App\Models\Role;
use App\Models\Team;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/**
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    public const PASSWORD = 'a long enough password';

    /**
     * @return array<string, mixed>
     */
    public function definition(): array
    {
        return [
            'name' => 'Ada Thornquist',
            'email' => Str::lower(Str::random(10)).'@fenmoor.example',
            'password' => self::PASSWORD,
        ];
    }

    /** A member of a team; without one given, of a new team. */
    public function memberOf(?Team $team = null, Role $role = Role::Practitioner): static
    {
        return $this->afterCreating(static function (User $user) use ($team, $role): void {
            Membership::query()->create([
                'team_id' => ($team ?? Team::factory()->create())->id,
                'user_id' => $user->id,
                'role' => $role,
            ]);
            $user->refresh();
        });
    }
}
