<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Finder\SplFileInfo;

/** What the server says stands in `lang`: each message that is asked for is there, and each that is there is asked for. */
final class MessagesTest extends FeatureTestCase
{
    public function test_each_message_is_asked_for_and_each_that_is_asked_for_is_there(): void
    {
        $said = [];
        foreach ($this->sources() as $file) {
            preg_match_all("/(?:__|trans_choice)\\('([a-z]+\\.\\w+\\.\\w+)'/", $file->getContents(), $found);
            array_push($said, ...$found[1]);
        }
        $there = [];
        foreach (['access', 'clinic', 'club', 'exchange', 'papers', 'platform', 'trust'] as $domain) {
            foreach ((array) require base_path("lang/en/{$domain}.php") as $class => $messages) {
                foreach (array_keys((array) $messages) as $key) {
                    $there[] = "{$domain}.{$class}.{$key}";
                }
            }
        }
        // What a status means is asked for by its number, a code of the audit log by itself.
        $there = array_filter($there, static fn (string $key): bool => ! str_starts_with($key, 'platform.status.')
            && ! str_starts_with($key, 'trust.codes.'));
        self::assertGreaterThan(100, \count($there));
        self::assertSame([], array_values(array_diff($said, $there, ['platform.status.other'])), 'asked for and not there');
        self::assertSame([], array_values(array_diff($there, $said)), 'there and never asked for');
    }

    /** A refusal may be glued to nothing: with all values of a message filled, no place is left open. */
    public function test_each_value_of_a_message_is_given_where_it_is_said(): void
    {
        $open = [];
        foreach ($this->sources() as $file) {
            preg_match_all("/__\\('([a-z]+\\.\\w+\\.\\w+)'(?:,\\s*(\\[(?:[^\\[\\]]|(?2))*\\]))?/s", $file->getContents(), $found, PREG_SET_ORDER);
            foreach ($found as $call) {
                preg_match_all('/:([a-z_]+)/', (string) __($call[1]), $asked);
                foreach ($asked[1] as $value) {
                    if (! Str::contains($call[2] ?? '', "'{$value}' =>")) {
                        $open[] = "{$call[1]} without {$value}";
                    }
                }
            }
        }
        self::assertSame([], $open);
    }

    /** Papers, mails and the archive say nothing that is not in the catalogue, but for the name of the product and commands. */
    public function test_no_text_stands_in_a_template(): void
    {
        $raw = [];
        foreach (File::allFiles(resource_path('views')) as $file) {
            $text = preg_replace([
                '/<style>.*?<\/style>|\{\{--.*?--\}\}|\{\{.*?\}\}|\{!!.*?!!\}|^bin\/artisan .*$|@php\(.*?\)$/ms',
                '/@\w+\s*(\((?:[^()]|(?1))*\))?/', '/<[^>]*>/', '/&\w+;|Gray Compass/',
            ], ' ', $file->getContents());
            preg_match_all('/\p{L}{2,}/u', (string) $text, $words);
            $raw = [...$raw, ...array_map(static fn (string $word): string => "{$file->getRelativePathname()}: {$word}", $words[0])];
        }
        self::assertSame([], $raw);
    }

    /**
     * @return list<SplFileInfo>
     */
    private function sources(): array
    {
        return [...File::allFiles(app_path()), ...File::allFiles(resource_path('views'))];
    }
}
