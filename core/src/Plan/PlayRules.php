<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\Facts\Condition;
use GrayCompass\Core\Findings\Facts\ConditionReader;
use GrayCompass\Core\Findings\Facts\Seen;

/**
 * When it is asked whether an athlete can go on, and what found speaks against it, by data/play.json.
 *
 * @internal
 *
 * @phpstan-type Objection array{when: array<string, mixed>, say: string}
 */
final readonly class PlayRules
{
    /**
     * @param  list<array{Condition, string}>  $structures  each with its words, in the order told
     * @param  list<array{Condition, string}>  $function
     */
    private function __construct(private Condition $asked, private array $structures, private array $function)
    {
    }

    /**
     * @param  array{asked: array<string, mixed>, structures: list<Objection>, function: list<Objection>}  $data
     */
    public static function read(array $data): self
    {
        return new self(
            ConditionReader::read($data['asked']),
            self::objections($data['structures']),
            self::objections($data['function']),
        );
    }

    public function areAsked(Seen $seen): bool
    {
        return $seen->is($this->asked);
    }

    /**
     * What the knee's structures say against going on.
     *
     * @return list<string>
     */
    public function againstStructures(Seen $seen): array
    {
        return self::applying($this->structures, $seen);
    }

    /**
     * What walking, raising, hopping and running say against going on.
     *
     * @return list<string>
     */
    public function againstFunction(Seen $seen): array
    {
        return self::applying($this->function, $seen);
    }

    /**
     * @param  list<Objection>  $data
     * @return list<array{Condition, string}>
     */
    private static function objections(array $data): array
    {
        return array_map(static fn (array $one): array => [ConditionReader::read($one['when']), $one['say']], $data);
    }

    /**
     * @param  list<array{Condition, string}>  $objections
     * @return list<string>
     */
    private static function applying(array $objections, Seen $seen): array
    {
        return array_column(array_filter($objections, static fn (array $one): bool => $seen->is($one[0])), 1);
    }
}
