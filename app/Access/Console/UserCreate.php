<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Email;
use App\Access\Values\Role;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** How the first person of a team, and each one after, gets an account. */
final class UserCreate extends Command
{
    use AsksPassword;

    protected $signature = 'user:create {team : id of the team} {email} {name} {--role=practitioner : lead, practitioner, student or coach}';

    protected $description = 'Make an account in a team';

    public function handle(AuditLog $log): int
    {
        $email = Email::normal($this->argument('email'));
        $role = Role::tryFrom((string) $this->option('role'));
        $team = Team::query()->whereKey($this->argument('team'))->first();
        $name = trim($this->argument('name'));
        if ($team === null) {
            return $this->refuse('team: there is no team with this id.');
        }
        if ($email === null) {
            return $this->refuse('email: this is no address that an account may have.');
        }
        if ($role === null) {
            return $this->refuse('role: it is one of lead, practitioner, student, coach.');
        }
        if ($name === '' || User::at($email) !== null) {
            return $this->refuse($name === '' ? 'name: it is missing.'
                : 'email: there is an account with this address already.');
        }
        $password = $this->askPassword();
        if ($password === null) {
            return self::INVALID;
        }
        $user = DB::transaction(function () use ($team, $email, $name, $role, $password, $log): User {
            $user = User::query()->create(
                ['name' => $name, 'email' => $email, 'password' => $password],
            );
            Membership::query()->create(['team_id' => $team->id, 'user_id' => $user->id, 'role' => $role]);
            $log->record(AuditEvent::MemberJoined, $user->id, ['role' => $role->value], $user->refresh());

            return $user;
        });
        $this->line($user->id);

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return self::INVALID;
    }
}
