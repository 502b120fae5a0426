<?php

declare(strict_types=1);

namespace App\Access\Values;

use App\Platform\Encryption\OwnSecret;
use Normalizer;

/** One spelling for one address: what looks or compares the same is the same, and is looked for letter by letter. */
final class Email
{
    public const LONGEST = 254;

    /** RFC 5322's atoms, without comments and quotes: what mail programs take without thinking. */
    private const ATOM = '[a-z0-9!#$%&\'*+\/=?^_`{|}~-]+';

    private const DOMAIN = '(?:[a-z0-9](?:[a-z0-9-]*[a-z0-9])?\.)+[a-z]{2,}';

    /** The address in its one spelling, or null where it is none that an account may have. */
    public static function normal(string $typed): ?string
    {
        $plain = Normalizer::normalize($typed, Normalizer::FORM_KC);
        $email = mb_strtolower(trim(is_string($plain) ? $plain : ''));
        $isOne = preg_match('/^'.self::ATOM.'(?:\.'.self::ATOM.')*@'.self::DOMAIN.'$/', $email) === 1;

        return $isOne && \strlen($email) <= self::LONGEST ? $email : null;
    }

    /**
     * What an account is found by where addresses are encrypted; without the secret it tells nothing.
     *
     * @param  string  $normal  in its one spelling
     * @return string 64 hexadecimal digits
     */
    public static function hash(string $normal): string
    {
        return hash_hmac('sha256', $normal, OwnSecret::of(OwnSecret::ADDRESSES));
    }
}
