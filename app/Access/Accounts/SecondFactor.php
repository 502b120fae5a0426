<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** An app that shows codes, and ten words to come in without it, each once. */
final class SecondFactor
{
    private const RECOVERY_CODES = 10;

    /** Letters and digits that nobody takes for another. */
    private const ALPHABET = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const RECOVERY_LETTERS = 10;

    public static function isOn(User $user): bool
    {
        return $user->factor !== null;
    }

    /**
     * Turns it on, where the code shows that the app has the secret.
     *
     * @param  string  $secret  TimeCode::SECRET_BYTES bytes
     * @return list<string>|null recovery codes, told this once; null where the code is not right
     */
    public static function turnOn(User $user, string $secret, string $code): ?array
    {
        $step = (new TimeCode($secret))->step($code, Date::now()->getTimestamp(), 0);
        if ($step === null) {
            return null;
        }
        $codes = array_map(static fn (): string => self::word(), range(1, self::RECOVERY_CODES));
        $user->forceFill([
            'factor' => base64_encode($secret),
            'recovery' => array_map(self::hash(...), $codes),
            'factor_step' => $step,
        ])->save();

        return $codes;
    }

    public static function turnOff(User $user): void
    {
        $user->forceFill(['factor' => null, 'recovery' => null, 'factor_step' => 0])->save();
    }

    /** Whether the code is right, and was not used before; it is used up by being asked. */
    public static function accepts(User $user, string $typed): bool
    {
        $typed = (string) preg_replace('/[\s-]+/', '', mb_strtolower($typed));

        return DB::transaction(static function () use ($user, $typed): bool {
            // Two log-ins with one code, at once: the row is held, so that one of them is late.
            $held = User::query()->lockForUpdate()->findOrFail($user->id);
            $step = $held->factor === null ? null : (new TimeCode((string) base64_decode($held->factor, true)))
                ->step($typed, Date::now()->getTimestamp(), $held->factor_step);
            if ($step !== null) {
                return $held->forceFill(['factor_step' => $step])->save();
            }
            $left = array_values(array_diff($held->recovery ?? [], [self::hash($typed)]));

            return \count($left) < \count($held->recovery ?? []) && $held->forceFill(['recovery' => $left])->save();
        });
    }

    private static function word(): string
    {
        $word = '';
        for ($i = 0; $i < self::RECOVERY_LETTERS; $i++) {
            $word .= self::ALPHABET[random_int(0, \strlen(self::ALPHABET) - 1)];
        }

        return $word;
    }

    private static function hash(string $code): string
    {
        return hash('sha256', $code);
    }
}
