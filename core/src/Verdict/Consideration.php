<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Sentences\Sentence;

/**
 * Something else to think of; it carries no number.
 *
 * @internal
 */
final readonly class Consideration
{
    /**
     * @param  string  $why  for the practitioner
     * @param  Sentence|null  $found  for the athlete
     * @param  bool  $needsDoctor  someone should look at it, as a routine visit
     * @param  bool  $healsOverWeeks  looked at again after four to six weeks
     * @param  bool  $soon  the doctor sees it within days
     * @param  bool  $explainsFrontPain  it is named in place of patellofemoral pain
     * @param  Sentence|null  $meanwhile  what the athlete does until then
     */
    public function __construct(
        public string $id,
        public string $why,
        public ?Sentence $found = null,
        public bool $needsDoctor = false,
        public bool $healsOverWeeks = false,
        public bool $soon = false,
        public bool $explainsFrontPain = false,
        public ?Sentence $meanwhile = null,
    ) {
    }
}
