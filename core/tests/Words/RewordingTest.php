<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Words;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sentences are told and never read: with every word of the data written otherwise, the same is concluded. */
final class RewordingTest extends TestCase
{
    /** Stands between the letters of each word, so that no word is found any more, and is taken out afterwards. */
    private const BETWEEN = "\u{2063}";

    /** What is shown though it may be one word; a code has no space, so what has one is shown. */
    private const NAMES = ['label', 'title'];

    private static ?Assessor $reworded = null;

    /**
     * @return iterable<string, array{string}>
     */
    public static function examples(): iterable
    {
        foreach (Example::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('examples')]
    public function test_the_same_is_concluded_in_other_words(string $name): void
    {
        $assessor = self::$reworded ??= new Assessor(new Figures('/nowhere', self::reworded()));
        $document = Json::read((string) file_get_contents(__DIR__."/../../../examples/{$name}.json"));
        $written = AssessmentWriter::write($assessor->assess($assessor->read($document)));
        unset($written['weighing']);
        $told = (string) json_encode($written, JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString(self::BETWEEN, $told, 'nothing was reworded');
        self::assertJsonStringEqualsJsonString(
            (string) json_encode(Example::assessed($name), JSON_UNESCAPED_UNICODE), str_replace(self::BETWEEN, '', $told),
        );
    }

    /**
     * @return array<string, array<array-key, mixed>>
     */
    private static function reworded(): array
    {
        $parsed = (new Figures)->parsed();
        foreach ($parsed as $file => $content) {
            if (str_ends_with($file, '.json') && ! str_ends_with($file, '.schema.json')) {
                $parsed[$file] = self::each($content, str_starts_with($file, 'words'), '');
            }
        }

        return $parsed;
    }

    /**
     * @param  array<array-key, mixed>  $content
     * @return array<array-key, mixed>
     */
    private static function each(array $content, bool $isWords, string $under): array
    {
        foreach ($content as $key => $value) {
            $name = \is_int($key) ? $under : $key;
            $content[$key] = match (true) {
                \is_array($value) => self::each($value, $isWords, $name),
                \is_string($value) && ($isWords || str_contains($value, ' ') || \in_array($name, self::NAMES, true)) => self::written($value),
                default => $value,
            };
        }

        return $content;
    }

    private static function written(string $text): string
    {
        return (string) preg_replace('/\{[\w:]+\}(*SKIP)(*F)|(?<=\pL)(?=\pL)/u', self::BETWEEN, $text);
    }
}
