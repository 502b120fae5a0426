<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Input\StreamableInputInterface;

/** For commands that need a password: asked for, or on standard input, so that it never stands in a list of processes. */
trait AsksPassword
{
    /** Letters. */
    private const LEAST_PASSWORD = 12;

    /** Null, with the reason told, where it is too short. */
    private function askPassword(): ?string
    {
        $given = $this->input instanceof StreamableInputInterface ? $this->input->getStream() : null;
        $asked = $given === null && stream_isatty(STDIN) ? $this->secret('Password') : fgets($given ?? STDIN);
        $password = rtrim(is_string($asked) ? $asked : '', "\n");
        if (mb_strlen($password) >= self::LEAST_PASSWORD) {
            return $password;
        }
        $this->error('password: it needs '.self::LEAST_PASSWORD.' letters or more.');

        return null;
    }
}
