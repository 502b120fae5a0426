<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Access\Values\Email;
use App\Platform\Console\WritesJson;
use GrayCompass\Document\Refusal;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;

/**
 * A command that works on records in the name of a member, and may do what that member may. Refused: exit code 2, and
 * the place and the reason as JSON on standard error.
 */
abstract class RecordCommand extends Command
{
    use WritesJson;

    /** @throws Refusal|AuthorizationException */
    abstract protected function carryOut(User $by): void;

    public function handle(): int
    {
        try {
            $by = User::at(Email::normal((string) $this->option('by')))
                ?? throw Refusal::at('by', 'expected the e-mail of a member in whose name it is done');
            Auth::setUser($by);
            $this->carryOut($by);

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            return $this->refuse($refusal);
        } catch (AuthorizationException $refusal) {
            return $this->refuse(Refusal::at('by', $refusal->getMessage()));
        } finally {
            Auth::forgetUser();
        }
    }

    /** @throws AuthorizationException */
    protected function authorize(Ability $ability): void
    {
        Gate::authorize($ability);
    }
}
