<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use DateTimeImmutable;
use GrayCompass\Core\Sentences\Section;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Sentences as WordsWriter wrote them, to be put into the words of another language.
 *
 * @phpstan-type WrittenValue array{
 *     name: string, number?: int|float, day?: string, sentences?: list<array{code: string, values: list<mixed>}>
 * }
 */
final class WordsReader
{
    /**
     * @param  list<array{code: string, sentences: list<array{code: string, values: list<mixed>}>}>  $sections  what stands
     *     under `plan.words.athlete` of an assessment
     * @return list<Section>
     */
    public static function sections(array $sections): array
    {
        return array_map(static fn (array $section): Section => new Section(
            new Sentence($section['code']),
            array_map(self::sentence(...), $section['sentences']),
        ), $sections);
    }

    /**
     * @param  array{code: string, values: list<mixed>}  $written
     */
    private static function sentence(array $written): Sentence
    {
        $values = [];
        /** @var WrittenValue $value */
        foreach ($written['values'] as $value) {
            $values[$value['name']] = match (true) {
                isset($value['number']) => $value['number'],
                isset($value['day']) => new DateTimeImmutable($value['day']),
                default => array_map(self::sentence(...), $value['sentences'] ?? []),
            };
        }

        return new Sentence($written['code'], $values);
    }
}
