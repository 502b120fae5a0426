<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** One question with a yes, a no, or words for an answer. */
final readonly class Question
{
    /**
     * @param  string  $key  under which the answer is kept in its section
     * @param  string  $part  `then` or `since`: where in the story it stands; empty elsewhere
     * @param  string  $after  another key; asked once that is answered with yes. Empty: always
     * @param  int<1, 120>|null  $underYears  asked of younger athletes only
     * @param  bool  $touchline  asked in the one-hand view too
     * @param  bool  $goodNews  never meant by “none of these”
     * @param  string  $alarm  rule of data/rules.json whose words a yes shows before it is judged; empty: none
     * @param  string  $alarmAs  which variant of its words
     */
    public function __construct(
        public string $key,
        public string $ask,
        public string $part = '',
        public string $after = '',
        public ?int $underYears = null,
        public bool $touchline = false,
        public bool $goodNews = false,
        public string $alarm = '',
        public string $alarmAs = '',
    ) {
    }
}
