<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Sentences\Sentence;

/**
 * All that goes with a rule of the gate: what is said, to whom one sends, what is asked, what is done until then.
 *
 * @internal
 */
final readonly class RuleSheet
{
    /**
     * @param  string  $say  for the practitioner
     * @param  Destination|null  $to  null: nobody is asked
     * @param  string  $question  what the letter asks
     * @param  Advice|null  $advice  null: as without the line
     * @param  list<Condition>  $about  what may be named while the line stands
     * @param  Sentence  $found  for the athlete
     * @param  Sentence|null  $call  for what else the athlete calls
     */
    public function __construct(
        public string $say,
        public ?Destination $to,
        public string $question,
        public ?Advice $advice,
        public array $about,
        public Sentence $found,
        public ?Sentence $call,
    ) {
    }
}
