<?php

declare(strict_types=1);

namespace GrayCompass\Core\Sentences;

use DateTimeImmutable;
use OutOfBoundsException;

/**
 * The words of one language, by code. `{name}` is the place of a value; `{name:how}` says how it is written: several
 * sentences by `list.<how>` instead of “a, b and c”, a day by `date.<how>`. It needs no extension of PHP, since it also
 * runs where there is none.
 *
 * @phpstan-import-type Value from Sentence
 */
final readonly class Phrases
{
    private const PLACE = '/\{(\w+)(?::(\w+))?\}/';

    /** First letters outside ASCII in the languages that there are. */
    private const CAPITALS = ['ä' => 'Ä', 'ö' => 'Ö', 'ü' => 'Ü', 'á' => 'Á', 'à' => 'À', 'â' => 'Â', 'é' => 'É', 'è' => 'È',
        'ê' => 'Ê', 'í' => 'Í', 'ó' => 'Ó', 'ú' => 'Ú', 'ç' => 'Ç', 'ñ' => 'Ñ'];

    /**
     * @param  array<string, string>  $phrases  by code
     */
    public function __construct(private array $phrases)
    {
    }

    /**
     * The words alone, as they stand within a sentence.
     *
     * @throws OutOfBoundsException when the language has no such code, or no value is given for a place
     */
    public function words(Sentence $sentence): string
    {
        $phrase = $this->phrase($sentence->code);
        if (! str_contains($phrase, '{')) {
            return $phrase;
        }

        return (string) preg_replace_callback(self::PLACE, fn (array $place): string => $this->value(
            $sentence->values[$place[1]] ?? throw new OutOfBoundsException("{$sentence->code} is told no {$place[1]}."),
            $place[2] ?? '',
        ), $phrase);
    }

    /**
     * The words as a sentence of its own, with a capital.
     *
     * @throws OutOfBoundsException as words()
     */
    public function sentence(Sentence $sentence): string
    {
        $words = $this->words($sentence);
        $first = substr($words, 0, 2);

        return isset(self::CAPITALS[$first]) ? self::CAPITALS[$first].substr($words, 2) : ucfirst($words);
    }

    /**
     * @param  list<Sentence>  $sentences
     */
    public function paragraph(array $sentences): string
    {
        return implode(' ', array_map($this->sentence(...), $sentences));
    }

    /**
     * Headings and paragraphs, with an empty line between sections.
     *
     * @param  list<Section>  $sections
     */
    public function text(array $sections): string
    {
        return implode("\n\n", array_map(
            fn (Section $section): string => $this->sentence($section->heading)."\n".$this->paragraph($section->sentences),
            $sections,
        ));
    }

    /**
     * @param  Value  $value
     */
    private function value(int|float|string|DateTimeImmutable|Sentence|array $value, string $how): string
    {
        return match (true) {
            \is_int($value), \is_string($value) => (string) $value,
            \is_float($value) => str_replace('.', $this->phrase('decimal'), (string) $value),
            $value instanceof DateTimeImmutable => $this->date($value, $how),
            $value instanceof Sentence => $this->words($value),
            default => $this->list(array_map(
                fn (Sentence|string $one): string => \is_string($one) ? $one : $this->words($one),
                $value,
            ), $how),
        };
    }

    private function date(DateTimeImmutable $day, string $how): string
    {
        $month = $how === 'abbreviated' ? 'month.abbreviated.' : 'month.';

        return strtr($this->phrase($how === '' ? 'date' : "date.{$how}"), [
            '{day}' => $day->format('j'),
            '{month}' => $this->phrase($month.$day->format('n')),
            '{year}' => $day->format('Y'),
        ]);
    }

    /**
     * @param  list<string>  $items
     */
    private function list(array $items, string $how): string
    {
        $last = $how === '' ? array_pop($items) : null;
        $more = $this->phrase($how === '' ? 'list.comma' : "list.{$how}");
        $all = (string) array_shift($items);
        foreach ($items as $item) {
            $all = strtr($more, ['{first}' => $all, '{next}' => $item]);
        }

        return match (true) {
            $last === null => $all,
            $all === '' => $last,
            default => strtr($this->phrase('list.and'), ['{first}' => $all, '{next}' => $last]),
        };
    }

    private function phrase(string $code): string
    {
        return $this->phrases[$code] ?? throw new OutOfBoundsException("There are no words for {$code}.");
    }
}
