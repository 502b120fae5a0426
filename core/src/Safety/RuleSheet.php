<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Knee\Condition;

/**
 * All that goes with a rule of the gate: what is said, to whom one sends, what is asked, what is done until then.
 *
 * @internal
 */
final readonly class RuleSheet
{
    /**
     * @param  string  $say  for the practitioner
     * @param  string  $to  in words, as one says it to an athlete: “the emergency department”
     * @param  string  $question  what the letter asks
     * @param  Advice|null  $advice  null: as without the line
     * @param  list<Condition>  $about  what may be named while the line stands
     * @param  string  $found  one sentence for the athlete
     * @param  string  $call  for what else to call; may be empty
     * @param  list<Place>  $places  what `to` names
     */
    public function __construct(
        public string $say,
        public string $to,
        public string $question,
        public ?Advice $advice,
        public array $about,
        public string $found,
        public string $call,
        public array $places,
    ) {
    }
}
