<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Inference\Readings\NextTest;

/**
 * What to do next: a manoeuvre, or a question that comes before all of them.
 *
 * @internal
 */
final readonly class Suggestion
{
    /** Asked before any manoeuvre; no manoeuvre goes with it. */
    public const ANSWER_GATE = 'answer_gate';

    public const ASK_STORY = 'ask_story';

    /**
     * @param  string|null  $sign  the sign it would give, or one of the questions; null for a manoeuvre that moves no
     *     chance
     * @param  string|null  $manoeuvre  null for a question
     * @param  NextTest|null  $test  what it is worth; null where it moves no chance
     */
    public function __construct(
        public ?string $sign,
        public ?string $manoeuvre,
        public ?NextTest $test,
        public Sentence $why,
    ) {
    }
}
