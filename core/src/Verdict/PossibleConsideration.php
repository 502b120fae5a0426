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
     * @param  list<array{Condition, string, string}>  $parts  what is said more, to practitioner and athlete, each with
     *     when
     * @param  Condition|null  $soonWhen  the doctor sees it within days then
     * @param  string  $meanwhile  what the athlete does until then
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
        private ?Condition $soonWhen = null,
        private bool $explainsFrontPain = false,
        private string $meanwhile = '',
    ) {
    }

    public function in(Seen $seen): ?Consideration
    {
        if (! $seen->is($this->when)) {
            return null;
        }
        $said = $told = [];
        foreach ($this->parts as [$when, $say, $found]) {
            if ($seen->is($when)) {
                [$said[], $told[]] = [$say, $found];
            }
        }
        $soon = $this->soonWhen !== null && $seen->is($this->soonWhen);

        return new Consideration(
            $this->id,
            ucfirst(str_replace('{parts}', implode(' and ', $said), $this->why)),
            str_replace('{parts}', implode(' and ', $told), $this->found),
            $this->alwaysDoctor || $soon || ($this->doctorWhen !== null && $seen->is($this->doctorWhen)),
            $this->healsOverWeeks,
            $soon,
            $this->explainsFrontPain,
            $this->meanwhile,
        );
    }
}
