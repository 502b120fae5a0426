<?php

declare(strict_types=1);

namespace GrayCompass\Core\Standing;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Exclusion;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Reading;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\SafetyGate;

/** Every reading of the story and of the hurt knee, with what counts and what does not. */
final class Standing
{
    /**
     * @param  list<StandingResult>  $results  the story first, then in the order done
     * @param  array<string, true>  $tested  by condition
     * @param  array<string, true>  $unsettled  by condition
     */
    private function __construct(
        public readonly array $results,
        private readonly array $tested,
        private readonly array $unsettled,
    ) {
    }

    public static function of(Examination $examination, SafetyGate $gate, Grading $grading, EvidenceLibrary $evidence): self
    {
        $rules = new ExclusionRules($examination, $grading, $evidence);
        $results = $given = [];
        foreach ([...Story::readings($examination, $evidence), ...$grading->readings] as $reading) {
            $exclusion = isset($given[$reading->finding]) ? Exclusion::AngleBetween : $rules->against($reading);
            $given[$reading->finding] = true;
            $results[] = new StandingResult(
                $reading,
                $exclusion,
                $reading->record !== null && $gate->isOverridden($reading->record),
                Unsettled::by($reading, $exclusion, $examination, $grading),
            );
        }
        $tested = $unsettled = [];
        foreach ($results as $result) {
            $targets = array_map(static fn (EvidenceRow $row): Condition => $row->target, $evidence->rows($result->reading->finding));
            foreach ($targets as $target) {
                if ($result->counts() && $result->isHandsOn()) {
                    $tested[$target->value] = true;
                }
                if ($result->isOpen) {
                    $unsettled[$target->value] = true;
                }
            }
        }

        return new self($results, $tested, $unsettled);
    }

    /** Whether a counted hands-on result was aimed at it. */
    public function isTested(Condition $condition): bool
    {
        return isset($this->tested[$condition->value]);
    }

    /** Whether a result aimed at it may turn out otherwise on another day. */
    public function isUnsettled(Condition $condition): bool
    {
        return isset($this->unsettled[$condition->value]);
    }

    public function counted(string $finding): ?Sign
    {
        foreach ($this->results as $result) {
            if ($result->reading->finding === $finding && $result->counts()) {
                return $result->reading->sign;
            }
        }

        return null;
    }

    /**
     * The readings that move a chance.
     *
     * @return list<Reading>
     */
    public function counting(): array
    {
        return array_map(
            static fn (StandingResult $result): Reading => $result->reading,
            array_values(array_filter($this->results, static fn (StandingResult $result): bool => $result->counts())),
        );
    }
}
