<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Facts\Condition;
use GrayCompass\Core\Findings\Facts\Seen;

/**
 * Something else that may be thought of, with when it is.
 *
 * @internal
 */
final readonly class PossibleConsideration
{
    /**
     * @param  string  $why  for the practitioner; {parts} stands for the parts that apply
     * @param  string  $found  one sentence for the athlete; may be empty
     * @param  Condition|null  $doctorWhen  a doctor should look then
     * @param  bool  $alwaysDoctor  a doctor should look whenever it applies
     * @param  list<array{Condition, string}>  $parts  what is said more, each with when
     */
    public function __construct(
        public string $id,
        private Condition $when,
        private string $why,
        private string $found,
        private ?Condition $doctorWhen,
        private bool $alwaysDoctor,
        private bool $healsOverWeeks,
        private array $parts,
    ) {
    }

    public function in(Seen $seen): ?Consideration
    {
        if (! $seen->is($this->when)) {
            return null;
        }
        $parts = [];
        foreach ($this->parts as [$when, $say]) {
            if ($seen->is($when)) {
                $parts[] = $say;
            }
        }

        return new Consideration(
            $this->id,
            str_replace('{parts}', implode(' and ', $parts), $this->why),
            $this->found,
            $this->alwaysDoctor || ($this->doctorWhen !== null && $seen->is($this->doctorWhen)),
            $this->healsOverWeeks,
        );
    }
}
