<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\TimeCode;

/** An app that has the secret, as someone typed it. */
final class Authenticator
{
    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /**
     * @param  int  $later  steps of thirty seconds
     */
    public static function code(string $typed, int $later = 0): string
    {
        $bits = implode('', array_map(
            static fn (string $letter): string => str_pad(decbin((int) strpos(self::BASE32, $letter)), 5, '0', STR_PAD_LEFT),
            str_split($typed),
        ));
        $secret = implode('', array_map(static fn (string $byte): string => \chr((int) bindec($byte)), str_split($bits, 8)));

        return (new TimeCode($secret))->at(intdiv(now()->getTimestamp(), 30) + $later);
    }
}
