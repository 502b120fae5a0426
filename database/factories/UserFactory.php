<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Audit\Deeds;
use App\Audit\What;
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
            $of = ($team ?? Team::factory()->create())->id;
            Membership::query()->create(['team_id' => $of, 'user_id' => $user->id, 'role' => $role]);
            app(Deeds::class)->record(What::MemberJoined, $user->id, ['role' => $role->value], $user->refresh(), $of);
        });
    }
}
