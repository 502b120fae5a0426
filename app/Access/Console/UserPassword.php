<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Accounts\Sessions;
use App\Access\Models\User;
use App\Access\Values\Email;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Everybody who is logged in with the old password is logged out. */
final class UserPassword extends Command
{
    use AsksPassword;

    protected $signature = 'user:password {email}';

    protected $description = 'Give an account a new password';

    public function handle(AuditLog $log): int
    {
        $email = Email::normal($this->argument('email'));
        $user = User::at($email);
        if ($user === null) {
            $this->error('email: there is no account with this address.');

            return self::INVALID;
        }
        $password = $this->askPassword();
        if ($password === null) {
            return self::INVALID;
        }
        DB::transaction(static function () use ($user, $password, $log): void {
            $user->update(['password' => $password]);
            Sessions::endAll($user);
            $log->record(AuditEvent::PasswordChanged, $user->id, [], $user);
        });
        $this->line('Changed. Sessions that began with the old password are logged out.');

        return self::SUCCESS;
    }
}
