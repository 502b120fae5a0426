<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Models\OpenSession;
use App\Access\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Date;

/** The devices on which a user is logged in. A session is told by a hash of its id, for the id itself opens it. */
final class Sessions
{
    /**
     * Newest first.
     *
     * @param  string  $own  id of the session that asks
     * @return list<array{id: string, device: string, address: string, seenAt: string, own: bool}>
     */
    public static function of(User $user, string $own): array
    {
        $rows = self::rows($user)->orderByDesc('last_activity')
            ->get(['id', 'ip_address', 'user_agent', 'last_activity']);

        return array_values($rows->map(static fn (OpenSession $row): array => [
            'id' => self::hash($row->id),
            'device' => Device::named($row->user_agent ?? ''),
            'address' => $row->ip_address ?? '',
            'seenAt' => Date::createFromTimestamp($row->last_activity, 'UTC')->toIso8601ZuluString(),
            'own' => $row->id === $own,
        ])->all());
    }

    /** Whether there was such a one. */
    public static function end(User $user, string $print): bool
    {
        $sought = self::rows($user)->get(['id'])
            ->first(static fn (OpenSession $row): bool => self::hash($row->id) === $print);

        return $sought?->delete() === true;
    }

    /** @return int how many ended */
    public static function endAll(User $user, ?string $but = null): int
    {
        $rows = self::rows($user);
        if ($but !== null) {
            $rows->where('id', '!=', $but);
        }
        $count = $rows->delete();

        return is_int($count) ? $count : 0;
    }

    /**
     * @return Builder<OpenSession>
     */
    private static function rows(User $user): Builder
    {
        return OpenSession::query()->where('user_id', $user->id);
    }

    private static function hash(string $id): string
    {
        return substr(hash('sha256', $id), 0, 26);
    }
}
