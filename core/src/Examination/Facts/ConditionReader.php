<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use UnexpectedValueException;

/**
 * Reads conditions as the shipped data write them; data/facts.schema.json describes every form.
 *
 * @internal
 */
final class ConditionReader
{
    /**
     * @param  array<array-key, mixed>  $facts  conditions by name
     * @param  array<array-key, mixed>  $answers  `yes`, `no` and `wholly` by question of the gate
     */
    public static function book(array $facts, array $answers): FactBook
    {
        return new FactBook(
            self::byName($facts, self::read(...)),
            self::byName($answers, static fn (mixed $answer): GateAnswer => new GateAnswer(
                self::read(self::part($answer, 'yes')),
                self::optional($answer, 'no'),
                self::optional($answer, 'wholly'),
            )),
        );
    }

    public static function read(mixed $data): FactCondition
    {
        return match (true) {
            ! \is_array($data) => throw new UnexpectedValueException('A condition is an object.'),
            isset($data['all']) => new AllOf(self::list($data['all'])),
            isset($data['any']) => new AnyOf(self::list($data['any'])),
            isset($data['not']) => new Not(self::read($data['not'])),
            \is_string($data['fact'] ?? null) => new Named($data['fact']),
            isset($data['of']) => RecordConditions::read(new ConditionKeys($data)),
            default => HistoryConditions::read(new ConditionKeys($data)),
        };
    }

    /**
     * @return list<FactCondition>
     */
    private static function list(mixed $parts): array
    {
        return \is_array($parts) ? array_map(self::read(...), array_values($parts)) : [];
    }

    private static function part(mixed $of, string $key): mixed
    {
        return \is_array($of) ? $of[$key] ?? null : null;
    }

    private static function optional(mixed $of, string $key): ?FactCondition
    {
        $part = self::part($of, $key);

        return $part === null ? null : self::read($part);
    }

    /**
     * @template T
     *
     * @param  array<array-key, mixed>  $data
     * @param  callable(mixed): T  $read
     * @return array<string, T>
     */
    private static function byName(array $data, callable $read): array
    {
        $made = [];
        foreach ($data as $name => $entry) {
            $made[(string) $name] = $read($entry);
        }

        return $made;
    }
}
