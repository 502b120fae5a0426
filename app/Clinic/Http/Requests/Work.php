<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use GrayCompass\Document\Refusal;
use stdClass;

/**
 * What a weighing costs grows with conditions times targets of results and candidates. It is counted before anything is
 * weighed, so that no input keeps a worker for longer than about a second.
 */
final class Work
{
    /** The largest examination asks for 1,500. Working estimate: one second on two shared cores. */
    public const MOST = 6_000;

    /**
     * @param  mixed  $problem  decoded, of whatever shape: its reader says what is wrong with it
     *
     * @throws Refusal
     */
    public static function bound(mixed $problem): void
    {
        $work = self::size($problem);
        if ($work > self::MOST) {
            throw Refusal::at('', __('clinic.work.too_much_to_weigh_at_once', ['work' => $work, 'most' => self::MOST]));
        }
    }

    private static function size(mixed $problem): int
    {
        $targets = self::targets(self::list($problem, 'candidates'));
        foreach (self::list($problem, 'groups') as $group) {
            $targets += self::targets(self::list($group, 'results'));
        }

        return \count(self::list($problem, 'conditions')) * $targets;
    }

    /**
     * @param  list<mixed>  $rows
     */
    private static function targets(array $rows): int
    {
        return array_sum(array_map(static fn (mixed $row): int => $row instanceof stdClass && ($row->targets ?? null) instanceof stdClass
            ? \count(get_object_vars($row->targets))
            : 0, $rows));
    }

    /**
     * @return list<mixed>
     */
    private static function list(mixed $object, string $key): array
    {
        $value = $object instanceof stdClass ? $object->{$key} ?? null : null;

        return \is_array($value) ? array_values($value) : [];
    }
}
