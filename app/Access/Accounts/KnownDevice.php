<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A device on which people were logged in before. Wrong guesses from elsewhere do not keep them out there: it has limits
 * of its own, see LoginLimits. What it keeps is encrypted by the framework, and opens nothing.
 */
final readonly class KnownDevice
{
    public const COOKIE = 'gc_device';

    private const MOST_ACCOUNTS = 20;

    private const DAYS = 365;

    /**
     * @param  string  $id  of the device
     * @param  list<string>  $accounts  digests of addresses
     */
    private function __construct(private string $id, private array $accounts)
    {
    }

    public static function of(Request $request): self
    {
        $kept = $request->cookie(self::COOKIE);
        [$id, $accounts] = [...explode(' ', \is_string($kept) ? $kept : '', 2), ''];

        return new self($id !== '' ? $id : Str::random(32), $accounts === '' ? [] : explode(' ', $accounts));
    }

    /** By what its tries at an account are counted; null where that account was never in here. */
    public function counts(string $email): ?string
    {
        $account = self::digest($email);

        return \in_array($account, $this->accounts, true) ? "device {$this->id} {$account}" : null;
    }

    /** As it is kept from now on: this account was let in. */
    public function with(string $email): Cookie
    {
        $accounts = array_slice(array_unique([self::digest($email), ...$this->accounts]), 0, self::MOST_ACCOUNTS);

        return cookie(
            self::COOKIE, implode(' ', [$this->id, ...$accounts]), self::DAYS * 24 * 60,
            path: '/api/login', secure: (bool) config('session.secure'), httpOnly: true, sameSite: 'strict',
        );
    }

    private static function digest(string $email): string
    {
        return substr(hash('sha256', $email), 0, 16);
    }
}
