<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Accounts\Passwords;
use Symfony\Component\Console\Input\StreamableInputInterface;

/** For commands that need a password: asked for, or on standard input, so that it never stands in a list of processes. */
trait AsksPassword
{
    /** Null, with the reason told, where it is none that an account may have. */
    private function askPassword(): ?string
    {
        $given = $this->input instanceof StreamableInputInterface ? $this->input->getStream() : null;
        $asked = $given === null && stream_isatty(STDIN) ? $this->secret('Password') : fgets($given ?? STDIN);
        $password = rtrim(is_string($asked) ? $asked : '', "\n");
        $fault = Passwords::fault($password);
        if ($fault === null) {
            return $password;
        }
        $this->error("password: {$fault}.");

        return null;
    }
}
