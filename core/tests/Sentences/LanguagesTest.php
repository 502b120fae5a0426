<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Sentences;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Core\Wire\WordsReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An athlete reads the same in each language: every sentence is there, with the same values in it, and fits its page. */
final class LanguagesTest extends TestCase
{
    /** Only the coach reads these, in English. */
    private const FOR_THE_COACH = '/^coach\./';

    /** How much longer than the English a translated page may be. */
    private const LONGEST = 1.5;

    /**
     * @return iterable<string, array{Language}>
     */
    public static function translations(): iterable
    {
        foreach (Language::cases() as $language) {
            if (! $language->isOriginal()) {
                yield $language->label() => [$language];
            }
        }
    }

    #[DataProvider('translations')]
    public function test_each_sentence_is_translated_with_the_same_places(Language $language): void
    {
        $files = (new Figures)->parsed();
        $english = array_filter(
            $files['words/en/athlete.json'],
            static fn (string $code): bool => preg_match(self::FOR_THE_COACH, $code) !== 1,
            ARRAY_FILTER_USE_KEY,
        );
        $translated = $files["words/{$language->value}/athlete.json"];
        self::assertSame(array_keys($english), array_keys($translated));
        foreach ($english as $code => $words) {
            self::assertSame(self::placesIn($words), self::placesIn($translated[$code]), $code);
            $isSentence = static fn (string $of): bool => str_ends_with($of, '.') && $of !== '.';
            self::assertSame($isSentence($words), $isSentence($translated[$code]), $code);
        }
        $same = array_keys(array_filter(
            $english,
            static fn (string $words, string $code): bool => preg_match('/^[^{]*[a-z]{4}/', $words) === 1
                && $words === $translated[$code] && ! str_starts_with($code, 'month.'),
            ARRAY_FILTER_USE_BOTH,
        ));
        self::assertSame([], $same, 'left in English');
    }

    #[DataProvider('translations')]
    public function test_each_example_can_be_read_and_fits_the_page(Language $language): void
    {
        $figures = new Figures;
        foreach (Example::names() as $name) {
            $plan = json_decode((string) json_encode(Example::assessed($name)), true)['plan'];
            $sections = WordsReader::sections($plan['words']['athlete']);
            self::assertSame($plan['forAthlete'], $figures->phrases()->text($sections), $name);
            $text = $figures->phrases($language)->text($sections);
            self::assertLessThan(self::LONGEST * strlen($plan['forAthlete']), strlen($text), $name);
            self::assertDoesNotMatchRegularExpression('/[{}]| {2}|\.\./', $text, $name);
            self::assertSame(
                substr_count($plan['forAthlete'], "\n\n"), substr_count($text, "\n\n"), "{$name}: as many sections",
            );
        }
    }

    public function test_english_alone_is_the_original_and_each_language_has_its_name(): void
    {
        self::assertSame([true, false, false, false], array_map(
            static fn (Language $language): bool => $language->isOriginal(), Language::cases(),
        ));
        self::assertSame(['de', 'es', 'fr'], Language::translations());
        self::assertSame(['English', 'German', 'Spanish', 'French'], array_map(
            static fn (Language $language): string => $language->label(), Language::cases(),
        ));
    }

    public function test_french_keeps_its_marks_on_the_line_of_their_word(): void
    {
        foreach ((new Figures)->parsed()['words/fr/athlete.json'] as $code => $words) {
            self::assertDoesNotMatchRegularExpression('/ [:;?!]/', $words, $code);
        }
    }

    /**
     * @return list<string>
     */
    private static function placesIn(string $words): array
    {
        preg_match_all('/\{[\w:]+\}/', $words, $places);
        sort($places[0]);

        return $places[0];
    }
}
