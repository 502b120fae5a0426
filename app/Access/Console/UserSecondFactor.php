<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Accounts\SecondFactor;
use App\Access\Models\User;
use App\Access\Values\Email;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** For someone who lost the phone and the recovery codes; the person who runs it has made sure who they are. */
final class UserSecondFactor extends Command
{
    protected $signature = 'user:second-factor {email}';

    protected $description = 'Turn the second factor of an account off';

    public function handle(AuditLog $log): int
    {
        $user = User::at(Email::normal($this->argument('email')));
        if ($user === null) {
            $this->error('email: there is no account with this address.');

            return self::INVALID;
        }
        DB::transaction(static function () use ($user, $log): void {
            SecondFactor::turnOff($user);
            $log->record(AuditEvent::SecondFactorOff, $user->id, ['by' => 'console'], $user);
        });
        $this->line('Off: the password alone opens the account now.');

        return self::SUCCESS;
    }
}
