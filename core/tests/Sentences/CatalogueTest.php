<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Sentences;

use FilesystemIterator;
use GrayCompass\Core\Figures;
use PHPUnit\Framework\TestCase;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Sentences stand in data/words and nowhere in the code, each under a code that a rule says. */
final class CatalogueTest extends TestCase
{
    private const PARTS = ['athlete', 'letter', 'next', 'plan', 'remarks', 'results'];

    /** Said by Phrases itself. */
    private const OF_PHRASES = '/^(date|month)\./';

    /** For developers, who read the code: errors of a shipped file, and what bin/simulate prints. */
    private const FOR_DEVELOPERS = '#/(Simulation|Examination/Facts|Wire)/#';

    public function test_no_code_has_two_sentences(): void
    {
        $files = (new Figures)->parsed();
        $all = [];
        foreach (self::PARTS as $part) {
            $codes = array_keys($files["words/en/{$part}.json"]);
            self::assertSame([], array_values(array_intersect($all, $codes)), $part);
            $all = [...$all, ...$codes];
        }
        self::assertGreaterThan(600, count($all));
    }

    public function test_every_code_of_a_rule_has_its_sentence(): void
    {
        preg_match_all("/(?:new Sentence|(Remark::of))\\(\\s*'([\\w.]+)'\\s*[,)]/", $this->code(), $said, PREG_SET_ORDER);
        $codes = array_map(static fn (array $one): string => $one[1] === '' ? $one[2] : "remark.{$one[2]}", $said);
        self::assertGreaterThan(150, count($codes));
        self::assertSame([], array_values(array_diff($codes, array_keys($this->catalogue()))));
    }

    /** What athletes and coaches read is said by the files of data/ too; tests of its languages read all of it. */
    public function test_every_sentence_for_a_practitioner_is_said_by_a_rule(): void
    {
        $code = $this->code();
        foreach (array_keys($this->catalogue()) as $sentence) {
            if (isset((new Figures)->parsed()['words/en/athlete.json'][$sentence]) || preg_match(self::OF_PHRASES, $sentence) === 1) {
                continue;
            }
            $short = preg_replace('/^(note|note_history|after_operation|remark)\./', '', $sentence);
            $ways = array_map(static fn (string $one): string => "'{$one}'", [$sentence, $short]);
            $parents = explode('.', $sentence);
            while (array_pop($parents) !== null && $parents !== []) {
                $ways[] = '"'.implode('.', $parents).'.{$';
                $ways[] = '"'.implode('.', array_slice($parents, 1)).'.{$';
                $ways[] = "'".implode('.', array_slice($parents, -1));
            }
            $isSaid = array_filter($ways, static fn (string $way): bool => strlen($way) > 4 && str_contains($code, $way)) !== [];
            self::assertTrue($isSaid, $sentence);
        }
    }

    public function test_no_sentence_stands_in_the_code(): void
    {
        $found = [];
        foreach ($this->sources() as $path => $tokens) {
            foreach ($tokens as $token) {
                $isText = in_array($token->id, [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true);
                if ($isText && preg_match('/[a-z]{2,} [a-z]{2,}.*[.?:]\W?$/', $token->text) === 1 && ! $this->isAnError($tokens, $token)) {
                    $found[] = basename($path).":{$token->line} {$token->text}";
                }
            }
        }
        self::assertSame([], $found);
    }

    private function code(): string
    {
        $all = '';
        foreach ($this->sources() as $tokens) {
            $all .= implode('', array_column($tokens, 'text'));
        }

        return $all;
    }

    /**
     * @return array<string, string>
     */
    private function catalogue(): array
    {
        $files = (new Figures)->parsed();

        return array_merge(...array_map(static fn (string $part): array => $files["words/en/{$part}.json"], self::PARTS));
    }

    /**
     * @return iterable<string, list<PhpToken>>
     */
    private function sources(): iterable
    {
        $folder = new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', FilesystemIterator::SKIP_DOTS);
        foreach (new RecursiveIteratorIterator($folder) as $file) {
            $path = (string) $file;
            if (preg_match(self::FOR_DEVELOPERS, $path) !== 1) {
                yield $path => PhpToken::tokenize((string) file_get_contents($path));
            }
        }
    }

    /**
     * @param  list<PhpToken>  $tokens
     */
    private function isAnError(array $tokens, PhpToken $text): bool
    {
        $before = array_filter($tokens, static fn (PhpToken $token): bool => $token->pos < $text->pos && $token->line >= $text->line - 2);

        return str_contains(implode('', array_column($before, 'text')), 'Exception');
    }
}
