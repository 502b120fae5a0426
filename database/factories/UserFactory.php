<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/**
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

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
            $of = ($team ?? TeamFactory::new()->createOne())->id;
            Membership::query()->create(['team_id' => $of, 'user_id' => $user->id, 'role' => $role]);
            app(AuditLog::class)->record(AuditEvent::MemberJoined, $user->id, ['role' => $role->value], $user->refresh(), $of);
        });
    }
}
