<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Closure;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Whose turn it is to change a row. Most find it free. Where another holds it, a few wait for a second at most and the
 * rest are told at once, so that one row that is held never takes the workers of everybody else.
 */
final class Turn
{
    /** The statement of a lock that waits for nobody, and of one that waits as long as the server allows: a second. */
    private const AT_ONCE = 'for update nowait';

    private const IN_LINE = 'for update';

    /** Half of the workers of one process of the application, see deploy/php-fpm.conf. */
    private const WAITING = 3;

    private const ATTEMPTS = 3;

    /** What the database calls a lock that another holds, and two transactions that wait for each other. */
    private const HELD = 1205;

    private const DEADLOCK = 1213;

    /**
     * Runs the work in a transaction; it locks the row by the statement that it is given.
     *
     * @template T
     *
     * @param  string  $row  table and id, as a name for the line
     * @param  Closure(string): T  $work  is given the lock's statement, as for Builder::lock()
     *
     * @param-immediately-invoked-callable $work
     *
     * @return T
     *
     * @throws RowHeld where it is not free within a second
     */
    public static function of(string $row, Closure $work): mixed
    {
        try {
            return self::transaction($work, self::AT_ONCE);
        } catch (PDOException $held) {
            if (self::number($held) !== self::HELD) {
                throw $held;
            }
        }

        return self::inLine($row, $work);
    }

    /**
     * @template T
     *
     * @param  Closure(string): T  $work
     * @return T
     */
    private static function inLine(string $row, Closure $work): mixed
    {
        $place = self::place($row);
        try {
            return self::transaction($work, self::IN_LINE);
        } catch (PDOException $held) {
            throw self::number($held) === self::HELD ? new RowHeld : $held;
        } finally {
            DB::selectOne('SELECT RELEASE_LOCK(?)', [$place]);
        }
    }

    /** @throws RowHeld where enough wait already */
    private static function place(string $row): string
    {
        for ($place = 1; $place <= self::WAITING; $place++) {
            $name = "{$place} {$row}";
            if (DB::scalar('SELECT GET_LOCK(?, 0)', [$name]) === 1) {
                return $name;
            }
        }
        throw new RowHeld;
    }

    /**
     * A deadlock has undone the whole transaction: within another one it cannot be tried again here.
     *
     * @template T
     *
     * @param  Closure(string): T  $work
     * @return T
     */
    private static function transaction(Closure $work, string $lock): mixed
    {
        for ($attempt = 1; ; $attempt++) {
            try {
                return DB::transaction(static fn (): mixed => $work($lock));
            } catch (PDOException $problem) {
                if (self::number($problem) !== self::DEADLOCK || $attempt === self::ATTEMPTS || DB::transactionLevel() > 0) {
                    throw $problem;
                }
            }
        }
    }

    private static function number(PDOException $problem): mixed
    {
        return $problem->errorInfo[1] ?? null;
    }
}
