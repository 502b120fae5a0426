<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\ConditionReader;
use GrayCompass\Core\Examination\Facts\FactCondition;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Sentences\Sentence;

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
     * @param  list<array{FactCondition, Sentence}>  $structures  each with what it says, in the order told
     * @param  list<array{FactCondition, Sentence}>  $function
     */
    private function __construct(private FactCondition $asked, private array $structures, private array $function)
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

    public function areAsked(FactSubject $seen): bool
    {
        return $seen->is($this->asked);
    }

    /**
     * What the knee's structures say against going on.
     *
     * @return list<Sentence>
     */
    public function againstStructures(FactSubject $seen): array
    {
        return self::applying($this->structures, $seen);
    }

    /**
     * What walking, raising, hopping and running say against going on.
     *
     * @return list<Sentence>
     */
    public function againstFunction(FactSubject $seen): array
    {
        return self::applying($this->function, $seen);
    }

    /**
     * @param  list<Objection>  $data
     * @return list<array{FactCondition, Sentence}>
     */
    private static function objections(array $data): array
    {
        return array_map(static fn (array $one): array => [ConditionReader::read($one['when']), new Sentence('written', ['words' => $one['say']])], $data);
    }

    /**
     * @param  list<array{FactCondition, Sentence}>  $objections
     * @return list<Sentence>
     */
    private static function applying(array $objections, FactSubject $seen): array
    {
        return array_column(array_filter($objections, static fn (array $one): bool => $seen->is($one[0])), 1);
    }
}
