<?php

declare(strict_types=1);

namespace App\Access\Accounts;

/** One-time codes by the clock, as authenticator apps make them: RFC 6238, HMAC-SHA-1, six digits, thirty seconds. */
final readonly class TimeCode
{
    public const SECRET_BYTES = 20;

    private const SECONDS = 30;

    private const DIGITS = 6;

    /** Clocks differ: one step before and after counts as well. */
    private const STEPS_ASIDE = 1;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /**
     * @param  string  $secret  SECRET_BYTES bytes
     */
    public function __construct(#[\SensitiveParameter] private string $secret)
    {
    }

    /**
     * The step that a typed code belongs to; null where it is none of now, or of one that was used already.
     *
     * @param  int  $now  seconds since 1970
     * @param  int  $used  the last step that was used
     */
    public function step(string $typed, int $now, int $used): ?int
    {
        $middle = intdiv($now, self::SECONDS);
        for ($step = $middle - self::STEPS_ASIDE; $step <= $middle + self::STEPS_ASIDE; $step++) {
            if ($step > $used && hash_equals($this->at($step), $typed)) {
                return $step;
            }
        }

        return null;
    }

    /** The code of a step, RFC 4226 section 5.3. */
    public function at(int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $offset = \ord($hash[19]) & 0x0F;
        $number = (\ord($hash[$offset]) & 0x7F) << 24
            | \ord($hash[$offset + 1]) << 16
            | \ord($hash[$offset + 2]) << 8
            | \ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    /** The secret to type by hand: RFC 4648 base 32. */
    public function typed(): string
    {
        $bits = '';
        foreach (str_split($this->secret) as $byte) {
            $bits .= str_pad(decbin(\ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(
            static fn (string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        ));
    }

    /** The secret to read with an app's camera. */
    public function address(string $account): string
    {
        return 'otpauth://totp/'.rawurlencode("Gray Compass:{$account}").'?'.http_build_query([
            'secret' => $this->typed(), 'issuer' => 'Gray Compass', 'digits' => self::DIGITS, 'period' => self::SECONDS,
        ], encoding_type: PHP_QUERY_RFC3986);
    }
}
