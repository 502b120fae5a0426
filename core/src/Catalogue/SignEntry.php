<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\Condition;

/**
 * What is known of one sign beside its figures.
 *
 * @internal
 */
final readonly class SignEntry
{
    /**
     * @param  string  $label  as practitioners call it
     * @param  string  $measures  shared with signs that measure the same thing the same way; empty: none does
     * @param  Condition|null  $ownTestOf  null: it only hints
     * @param  Condition|null  $grades  the ligament that its laxity grades
     * @param  Condition|null  $sorenessOf  the ligament that is sore, which says nothing of its laxity
     * @param  string|null  $found  code of what an athlete hears of a positive
     * @param  string|null  $foundGross  the same of a gross one
     * @param  PainAlone|null  $painAlone  null: a positive is more than pain
     * @param  int<0, max>  $carriedDays  for so many days a valid result stands at later visits; 0: on its day only
     * @param  bool  $carriesPositive  a positive stands for the whole episode, though a negative does not
     */
    public function __construct(
        public string $label,
        public string $measures,
        public ?Condition $ownTestOf,
        public ?Condition $grades,
        public ?Condition $sorenessOf,
        public ?string $found,
        public ?string $foundGross = null,
        public ?PainAlone $painAlone = null,
        public int $carriedDays = 0,
        public bool $carriesPositive = false,
    ) {
    }
}
