<?php

declare(strict_types=1);

namespace GrayCompass\Core\Sentences;

use DateTimeImmutable;

/**
 * Something to say, without its words: a code and the values that its words leave room for. What follows from an
 * examination is decided by codes; Phrases turns them into words of one language.
 *
 * @phpstan-type Value int|float|string|DateTimeImmutable|self|list<self|string>
 */
final readonly class Sentence
{
    /**
     * @param  string  $code  a key of data/words/<language>
     * @param  array<string, Value>  $values  by the name of the place that each takes; text is a name from elsewhere in the
     *     catalogue, such as that of a manoeuvre
     */
    public function __construct(public string $code, public array $values = [])
    {
    }

    /** Whether the same is said of the same. */
    public function equals(self $other): bool
    {
        return $this == $other;
    }

    /**
     * Each sentence once, in the order in which they came first.
     *
     * @param  array<self>  $sentences
     * @return ($sentences is non-empty-array ? non-empty-list<self> : list<self>)
     */
    public static function once(array $sentences): array
    {
        $once = [];
        foreach ($sentences as $sentence) {
            foreach ($once as $said) {
                if ($sentence->equals($said)) {
                    continue 2;
                }
            }
            $once[] = $sentence;
        }

        return $once;
    }
}
