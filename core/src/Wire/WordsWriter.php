<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use DateTimeImmutable;
use GrayCompass\Core\Sentences\Section;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Words\NoteLine;
use GrayCompass\Core\Words\Texts;
use LogicException;

/**
 * What is said to athlete, coach and colleague, sentence by sentence: code and values beside the words.
 *
 * @internal
 */
final class WordsWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Texts $texts): array
    {
        return [
            'athlete' => array_map(static fn (Section $section): array => [
                'code' => $section->heading->code,
                'text' => $texts->phrases->sentence($section->heading),
                'sentences' => self::sentences($section->sentences, $texts),
            ], $texts->athlete),
            'coach' => self::sentences($texts->coach, $texts),
            'letter' => self::lines($texts->note),
            'afterOperation' => self::lines($texts->operated),
        ];
    }

    /**
     * @param  list<Sentence>  $sentences
     * @return list<array<string, mixed>>
     */
    private static function sentences(array $sentences, Texts $texts): array
    {
        return array_map(static fn (Sentence $sentence): array => [
            'code' => $sentence->code,
            'values' => self::values($sentence),
            'text' => $texts->phrases->sentence($sentence),
        ], $sentences);
    }

    /**
     * @param  list<NoteLine>  $lines
     * @return list<array{code: string, text: string}>
     */
    private static function lines(array $lines): array
    {
        return array_map(static fn (NoteLine $line): array => ['code' => $line->code, 'text' => $line->text], $lines);
    }

    /**
     * @return list<array<string, mixed>> name and value; a sentence within it is a code with values of its own
     */
    private static function values(Sentence $sentence): array
    {
        $values = [];
        foreach ($sentence->values as $name => $value) {
            $values[] = ['name' => $name, ...match (true) {
                $value instanceof Sentence => ['sentences' => [self::inner($value)]],
                $value instanceof DateTimeImmutable => ['day' => $value->format('Y-m-d')],
                \is_array($value) => ['sentences' => array_map(self::inner(...), $value)],
                \is_string($value) => ['sentences' => [self::inner($value)]],
                default => ['number' => $value],
            }];
        }

        return $values;
    }

    /**
     * @return array{code: string, values: list<array<string, mixed>>}
     *
     * @throws LogicException for a name out of the English catalogue: what an athlete reads exists in other languages
     */
    private static function inner(Sentence|string $sentence): array
    {
        if (\is_string($sentence)) {
            throw new LogicException("“{$sentence}” is English alone and stands in what an athlete reads.");
        }

        return ['code' => $sentence->code, 'values' => self::values($sentence)];
    }
}
