<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** The questions of data/questions.json, by the section that keeps their answers, in the order asked. */
final readonly class Questions
{
    /**
     * @param  array<string, list<Question>>  $bySection
     */
    private function __construct(public array $bySection)
    {
    }

    /**
     * @param  array<string, list<array{
     *     key: string, ask: string, part?: string, after?: string, underYears?: int<1, 120>, touchline?: bool,
     *     goodNews?: bool,
     *     alarm?: string, alarmAs?: string
     * }>>  $data
     */
    public static function read(array $data): self
    {
        return new self(array_map(
            static fn (array $questions): array => array_map(
                static fn (array $question): Question => new Question(...$question),
                $questions,
            ),
            $data,
        ));
    }
}
