<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Sentences;

use DateTimeImmutable;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\SupportRange;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Bend;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Weight;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Section;
use GrayCompass\Core\Sentences\Sentence;
use OutOfBoundsException;
use PHPUnit\Framework\TestCase;

/** Sentences become words of a language: each code has its words, and each of the words is said somewhere. */
final class PhrasesTest extends TestCase
{
    private const WORDS = [
        'plain' => 'walk as far as it does not hurt.',
        'pain' => 'your knee hurts: {of_ten} of 10.',
        'away' => 'leave out {what}.',
        'away.then' => 'leave out {what:then}.',
        'jumping' => 'jumping',
        'cutting' => 'cutting',
        'contact' => 'contact',
        'ecoute' => 'écoutez votre genou.',
        'review' => 'between {from:short} and {to}.',
        'list.comma' => '{first}, {next}',
        'list.and' => '{first} and {next}',
        'list.then' => '{first}; {next}',
        'date' => '{day} {month} {year}',
        'date.short' => '{day} {month}',
        'month.10' => 'October',
        'decimal' => ',',
    ];

    public function test_values_are_written_as_their_places_ask(): void
    {
        $phrases = new Phrases(self::WORDS);
        $three = [new Sentence('jumping'), new Sentence('cutting'), new Sentence('contact')];
        foreach ([
            'Walk as far as it does not hurt.' => new Sentence('plain'),
            'Your knee hurts: 3,5 of 10.' => new Sentence('pain', ['of_ten' => 3.5]),
            'Your knee hurts: 4 of 10.' => new Sentence('pain', ['of_ten' => 4.0]),
            'Leave out jumping.' => new Sentence('away', ['what' => [$three[0]]]),
            'Leave out jumping and cutting.' => new Sentence('away', ['what' => [$three[0], $three[1]]]),
            'Leave out jumping, cutting and contact.' => new Sentence('away', ['what' => $three]),
            'Leave out jumping; cutting; contact.' => new Sentence('away.then', ['what' => $three]),
            'Écoutez votre genou.' => new Sentence('ecoute'),
            'Between 2 October and 9 October 2026.' => new Sentence('review', [
                'from' => new DateTimeImmutable('2026-10-02'), 'to' => new DateTimeImmutable('2026-10-09'),
            ]),
        ] as $words => $sentence) {
            self::assertSame($words, $phrases->sentence($sentence));
        }
        self::assertSame(
            "Jumping\nCutting Contact\n\nCutting\nJumping",
            $phrases->text([new Section($three[0], [$three[1], $three[2]]), new Section($three[1], [$three[0]])]),
        );
    }

    public function test_words_and_values_that_are_missing_are_refused(): void
    {
        $phrases = new Phrases(self::WORDS);
        foreach ([
            'There are no words for hopping.' => new Sentence('hopping'),
            'pain is told no of_ten.' => new Sentence('pain', ['ten' => 4]),
        ] as $fault => $sentence) {
            try {
                $phrases->words($sentence);
                self::fail("{$sentence->code} was said");
            } catch (OutOfBoundsException $thrown) {
                self::assertSame($fault, $thrown->getMessage());
            }
        }
    }

    public function test_the_same_is_said_once(): void
    {
        $pain = static fn (int $ten): Sentence => new Sentence('pain', ['of_ten' => $ten]);
        self::assertEquals([$pain(3), $pain(4)], Sentence::once([$pain(3), $pain(4), $pain(3)]));
    }

    public function test_each_code_of_the_data_and_of_the_enums_has_words_and_no_words_are_left_over(): void
    {
        $phrases = (new Figures)->parsed()['words/en/athlete.json'];
        $codes = [...self::codesOfData(), ...self::codesOfEnums()];
        self::assertSame([], array_values(array_diff($codes, array_keys($phrases))), 'codes without words');
        $source = self::source();
        $said = static fn (string $code): bool => \in_array($code, $codes, true) || str_contains($source, "'{$code}'")
            || preg_match('/^(date|month|list|decimal)\b/', $code) === 1;
        self::assertSame(
            [], array_values(array_filter(array_keys($phrases), static fn (string $code): bool => ! $said($code))), 'words never said',
        );
    }

    /**
     * @return list<string>
     */
    private static function codesOfData(): array
    {
        $parsed = (new Figures)->parsed();
        $codes = [...array_values($parsed['abnormal.json']['pains']), ...array_values($parsed['abnormal.json']['toldPains'])];
        foreach (['signs.json', 'rules.json', 'considerations.json', 'abnormal.json'] as $file) {
            array_walk_recursive($parsed[$file], static function (mixed $value, int|string $key) use (&$codes): void {
                if (\in_array($key, ['found', 'foundGross', 'call', 'knee', 'meanwhile'], true)) {
                    $codes[] = $value;
                }
            });
        }
        foreach ($parsed['rules.json'] as $rule) {
            $codes = [...$codes, ...array_values($rule['foundIf'] ?? []), ...array_values($rule['kneeIf'] ?? [])];
        }

        return array_values(array_filter($codes, \is_string(...)));
    }

    /**
     * @return list<string>
     */
    private static function codesOfEnums(): array
    {
        $code = static fn (Sentence $sentence): string => $sentence->code;
        $wear = array_filter(SupportType::cases(), static fn (SupportType $type): bool => ! \in_array(
            $type, [SupportType::None, SupportType::AsFound], true,
        ));

        return [
            ...array_map(static fn (Destination $one): string => $code($one->name()), Destination::cases()),
            ...array_map(static fn (Activity $one): string => $code($one->name()), Activity::cases()),
            ...array_map(static fn (SupportRange $one): string => $code($one->name()), SupportRange::cases()),
            ...array_map(static fn (Within $one): string => $code($one->name()), Within::cases()),
            ...array_map(static fn (Weight $one): string => $code($one->advice()), Weight::cases()),
            ...array_map(static fn (Bend $one): string => $code($one->advice()), Bend::cases()),
            ...array_map(static fn (Condition $one): string => $code($one->part()), Condition::cases()),
            ...array_map(static fn (Condition $one): string => "may.{$one->value}", Condition::cases()),
            ...array_map(static fn (Condition $one): string => "likely.{$one->value}", Condition::cases()),
            ...array_map(static fn (NotDone $one): string => "looked.why.{$one->value}", NotDone::cases()),
            ...array_map(static fn (SupportType $one): string => "wear.{$one->value}", array_values($wear)),
        ];
    }

    /** The source of the core, and the codes that it puts together from a prefix and one of a few words. */
    private static function source(): string
    {
        $source = '';
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__.'/../../src'));
        foreach ($files as $file) {
            $source .= str_ends_with((string) $file, '.php') ? file_get_contents((string) $file) : '';
        }
        preg_match_all("/'(\w+)' => \\\$(?:this|found|advice)->/", $source, $headings);
        $source .= implode(' ', array_map(static fn (string $part): string => "'heading.{$part}'", $headings[1]));
        preg_match_all("/=> '(\w+)',/", $source, $excuses);
        $source .= implode(' ', array_map(static fn (string $part): string => "'excuse.{$part}'", $excuses[1]));
        foreach (['talked', 'with_baseline', 'alone', 'compared'] as $how) {
            $source .= str_contains($source, "looked.{$how}.{\$side}") ? " 'looked.{$how}.left' 'looked.{$how}.right'" : '';
        }

        return $source;
    }
}
