<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Date;

/**
 * Whether the person who logged in is still the one who works here. A session remembers when it began, when it was last used,
 * whether its device is shared, and when the password was given last. All times in seconds since 1970.
 */
final readonly class Presence
{
    /** However busy: longer than a day at the club nobody stays. */
    private const LONGEST = 12 * 3600;

    private const SHARED_IDLE = 30 * 60;

    /** After so long a break the password is asked for before signing. */
    private const BREAK = 15 * 60;

    /** For so long a password given stands for what changes the account itself. */
    private const FRESH = 10 * 60;

    /** When it was last used is written down to the minute. */
    private const NOTED = 60;

    private const NAME = 'presence';

    public function __construct(private Session $session)
    {
    }

    public function begin(bool $shared): void
    {
        $now = self::now();
        $this->put(['begun' => $now, 'seen' => $now, 'given' => $now, 'shared' => (int) $shared, 'broken' => 0]);
    }

    /** Called at every request: notes a break, and tells whether the session has ended. */
    public function hasEnded(): bool
    {
        // A session from before this was written down begins now, as after a break.
        $known = $this->known() + ['begun' => self::now(), 'seen' => 0, 'given' => 0, 'shared' => 0, 'broken' => 1];
        $idle = self::now() - $known['seen'];
        if (self::now() - $known['begun'] >= self::LONGEST
            || ($known['shared'] === 1 && $idle >= self::SHARED_IDLE)) {
            return true;
        }
        if ($idle >= self::NOTED) {
            $broken = (int) ($idle >= self::BREAK || $known['broken'] === 1);
            $this->put(['seen' => self::now(), 'broken' => $broken] + $known);
        }

        return false;
    }

    public function passwordGiven(): void
    {
        $this->put(['given' => self::now(), 'broken' => 0] + $this->known());
    }

    /** @throws PasswordNeeded where there was a break since the password was given */
    public function insistUnbroken(): void
    {
        if (($this->known()['broken'] ?? 0) === 1) {
            throw new PasswordNeeded;
        }
    }

    /** @throws PasswordNeeded where it was not given in the last minutes */
    public function insistFresh(): void
    {
        if (self::now() - ($this->known()['given'] ?? 0) > self::FRESH) {
            throw new PasswordNeeded;
        }
    }

    /**
     * @return array<string, int>
     */
    private function known(): array
    {
        $known = $this->session->get(self::NAME);

        $times = [];
        foreach (is_array($known) ? $known : [] as $name => $time) {
            is_int($time) && $times[(string) $name] = $time;
        }

        return $times;
    }

    /**
     * @param  array<string, int>  $known
     */
    private function put(array $known): void
    {
        $this->session->put(self::NAME, $known);
    }

    private static function now(): int
    {
        return Date::now()->getTimestamp();
    }
}
