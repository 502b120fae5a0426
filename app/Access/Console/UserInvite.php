<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Accounts\Invitations;
use App\Access\Models\Team;
use App\Access\Values\Email;
use App\Access\Values\Role;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;

/** Prints the link as well as mailing it: a new place has no mail server yet. */
final class UserInvite extends Command
{
    protected $signature = 'user:invite {team : id of the team} {email} {--role=lead : lead, practitioner, student or coach}';

    protected $description = 'Invite a person to a team, by a link that works once';

    public function handle(Invitations $invitations): int
    {
        $team = Team::query()->find((string) $this->argument('team'));
        $email = Email::normal($this->argument('email'));
        $role = Role::tryFrom((string) $this->option('role'));
        try {
            $this->line($invitations->fromConsole(
                $team ?? throw Refusal::at('team', 'there is no team with this id'),
                $email ?? throw Refusal::at('email', 'this is no address that an account may have'),
                $role ?? throw Refusal::at('role', 'it is one of lead, practitioner, student, coach'),
            ));
        } catch (Refusal $refusal) {
            $this->error("{$refusal->path}: {$refusal->reason}.");

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
