<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** A clinical limit without a source is a guess that looks like knowledge. */
final class SourcesTest extends TestCase
{
    /** Rooms that read and write documents, or draw virtual knees, hold no clinical limits. */
    private const WITHOUT_LIMITS = ['Wire', 'Fhir', 'Simulation', 'Assessed'];

    private const SAYS_WHERE_FROM = '/working estimate|Stiell|IKDC|AMA \d{4}|Hughston|source|taught/i';

    /** What is told in 100, the letters of a digest, the rounding of a figure, the size of a file: no limits. */
    private const NO_LIMITS = ['Figures.php', 'Bundles.php', 'EvidenceLibrary.php', 'PlainWords.php', 'Record.php', 'LetterNote.php'];

    /** Grades, levels and places in an order go so far; a number beyond, or another fraction than a half, is a limit. */
    private const HIGHEST_RANK = 5.0;

    public function test_every_limit_has_a_name_and_says_its_source_or_that_it_is_a_working_estimate(): void
    {
        $limits = 0;
        foreach (self::files() as $place => $text) {
            [$named, $bare] = self::limits($text);
            self::assertSame([], $bare, "{$place}: limits without a name, by line");
            $ofClass = preg_match('~/\*\*((?:(?!\*/).)*)\*/\s*(?:final |readonly |abstract )*(?:class|enum|interface|trait) ~s', $text, $doc) === 1
                ? $doc[1] : '';
            foreach ($named as $name => $own) {
                self::assertMatchesRegularExpression(self::SAYS_WHERE_FROM, $own.$ofClass, "{$place}: {$name}");
                $limits++;
            }
        }
        self::assertGreaterThan(100, $limits);
    }

    /**
     * @return iterable<string, string> texts by place
     */
    private static function files(): iterable
    {
        $root = __DIR__.'/../../src/';
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $place = substr((string) $file, \strlen($root));
            if (! \in_array(explode('/', $place)[0], self::WITHOUT_LIMITS, true)
                && ! \in_array(basename($place), self::NO_LIMITS, true)) {
                yield $place => (string) file_get_contents((string) $file);
            }
        }
    }

    /**
     * @return array{array<string, string>, list<string>} docblocks of constants and of parameters with a default that are
     *                                                    limits, by name; and limits that have none
     */
    private static function limits(string $text): array
    {
        $named = $bare = [];
        $doc = $name = '';
        foreach (\PhpToken::tokenize($text) as $token) {
            [$doc, $name] = match (true) {
                $token->is(T_DOC_COMMENT) => [$token->text, ''],
                $token->is(T_CONST) => [$doc, 'const'],
                $name === 'const' && $token->is(T_STRING) => [$doc, $token->text],
                $token->is(T_VARIABLE) => [$doc, $token->text],
                $token->is([';', '{', '}', ')', T_DOUBLE_ARROW, T_IS_SMALLER_OR_EQUAL, T_IS_GREATER_OR_EQUAL, '<', '>', '-', '+', '*']) => [
                    $token->is([';', '}']) ? '' : $doc, '',
                ],
                default => [$doc, $name],
            };
            if (! $token->is([T_LNUMBER, T_DNUMBER])) {
                continue;
            }
            $value = (float) str_replace('_', '', $token->text);
            $isRank = $value <= self::HIGHEST_RANK && floor(2 * $value) === 2 * $value;
            if ($name !== '' && ($name[0] === '$' || ctype_upper($name[0]))) {
                $named += $isRank && $name[0] === '$' ? [] : [$name => $doc];
            } elseif (! $isRank) {
                $bare[] = "{$token->line}: {$token->text}";
            }
        }

        return [$named, $bare];
    }
}
