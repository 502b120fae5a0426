<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\FactCondition;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Something else that may be thought of, with when it is.
 *
 * @internal
 */
final readonly class PossibleConsideration
{
    /**
     * @param  string  $why  for the practitioner; {parts} stands for the parts that apply
     * @param  string|null  $found  code of one sentence for the athlete
     * @param  FactCondition|null  $doctorWhen  a doctor should look then
     * @param  bool  $alwaysDoctor  a doctor should look whenever it applies
     * @param  list<array{FactCondition, string, string|null}>  $parts  when, what is said more to the practitioner, and the
     *     code of what is said more to the athlete
     * @param  FactCondition|null  $soonWhen  the doctor sees it within days then
     * @param  string|null  $meanwhile  code of what the athlete does until then
     */
    public function __construct(
        public string $id,
        private FactCondition $when,
        private string $why,
        private ?string $found,
        private ?FactCondition $doctorWhen,
        private bool $alwaysDoctor,
        private bool $healsOverWeeks,
        private array $parts,
        private ?FactCondition $soonWhen = null,
        private bool $explainsFrontPain = false,
        private ?string $meanwhile = null,
    ) {
    }

    public function in(FactSubject $seen): ?Consideration
    {
        if (! $seen->is($this->when)) {
            return null;
        }
        $text = $shown = [];
        foreach ($this->parts as [$when, $say, $found]) {
            if ($seen->is($when)) {
                $text[] = $say;
                $shown = $found === null ? $shown : [...$shown, new Sentence($found)];
            }
        }
        $soon = $this->soonWhen !== null && $seen->is($this->soonWhen);

        return new Consideration(
            $this->id,
            ucfirst(str_replace('{parts}', implode(' and ', $text), $this->why)),
            $this->found === null ? null : new Sentence($this->found, $shown === [] ? [] : ['parts' => $shown]),
            $this->alwaysDoctor || $soon || ($this->doctorWhen !== null && $seen->is($this->doctorWhen)),
            $this->healsOverWeeks,
            $soon,
            $this->explainsFrontPain,
            $this->meanwhile === null ? null : new Sentence($this->meanwhile),
        );
    }
}
