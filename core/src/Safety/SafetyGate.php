<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Findings\SafetyKey;

/** What the answers and looks say must come before any pulling, and which manoeuvres are off limits. */
final class SafetyGate
{
    /** Manoeuvres whose findings can raise a rule. */
    private const RAISING = ['distal_pulse', 'sensation', 'ankle_lift', 'tibial_percussion', 'tibial_vibration', 'hip_screen'];

    /**
     * @param  list<SafetyLine>  $lines  most urgent first
     * @param  list<string>  $blocked  manoeuvre ids, in the order of the catalogue
     * @param  array<string, Rule>  $blockedBy  the most urgent rule against each of them
     */
    private function __construct(
        public readonly bool $open,
        public readonly array $lines,
        public readonly array $blocked,
        public readonly array $blockedBy,
    ) {
    }

    public static function of(Examination $examination, Catalogue $catalogue): self
    {
        return self::closedBy(self::isOpen($examination), GateRules::lines($examination, $examination->records), $catalogue);
    }

    /** The gate with lines that only the results could raise. */
    public function with(Catalogue $catalogue, SafetyLine ...$more): self
    {
        return self::closedBy($this->open, [...$this->lines, ...array_values($more)], $catalogue);
    }

    /**
     * A finding that was off limits when it was taken is refused, unless somebody says why it was done
     * all the same. What a later finding raises does not reach back.
     *
     * @throws Refusal
     */
    public static function refuseBlocked(Examination $examination): void
    {
        $lines = GateRules::lines($examination, []);
        foreach ($examination->records as $position => $record) {
            $rule = self::ruleAgainst($record->manoeuvre, $lines);
            if ($rule !== null && $record->override === null && $record->notDone === null) {
                throw new Refusal("findings[{$record->position}]", "{$record->manoeuvre->id} is off limits by {$rule->value}; give an override with a reason, or leave it out");
            }
            if (in_array($record->manoeuvre->id, self::RAISING, true)) {
                $lines = GateRules::lines($examination, array_slice($examination->records, 0, $position + 1));
            }
        }
    }

    /** Whether a finding was taken against a rule, and marked so. */
    public function isOverridden(Record $record): bool
    {
        return $record->override !== null && in_array($record->manoeuvre->id, $this->blocked, true);
    }

    /**
     * @param  list<SafetyLine>  $lines
     */
    private static function ruleAgainst(Manoeuvre $manoeuvre, array $lines): ?Rule
    {
        foreach ($lines as $line) {
            if (OffLimits::by($line->rule, $manoeuvre)) {
                return $line->rule;
            }
        }

        return null;
    }

    /**
     * @param  list<SafetyLine>  $lines
     */
    private static function closedBy(bool $open, array $lines, Catalogue $catalogue): self
    {
        $lines = SafetyLine::inOrder($lines);
        $blockedBy = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            $rule = self::ruleAgainst($manoeuvre, $lines);
            if ($rule !== null) {
                $blockedBy[$manoeuvre->id] = $rule;
            }
        }

        return new self($open, $lines, array_keys($blockedBy), $blockedBy);
    }

    /** After an injury, nobody stresses the knee before these are answered. */
    private static function isOpen(Examination $examination): bool
    {
        if (! $examination->isAfterInjury()) {
            return true;
        }
        $safety = $examination->safety;
        $circulation = $safety->answered(SafetyKey::PulseOrSensationLost)
            || $examination->hurt('distal_pulse') !== null
            || $examination->hurt('sensation') !== null;

        return $circulation && $safety->answered(
            SafetyKey::Deformity,
            SafetyKey::DislocationSuspected,
            SafetyKey::CannotTakeFourSteps,
            SafetyKey::CannotFlexTo90,
            SafetyKey::TenderPatellaAlone,
            SafetyKey::TenderFibularHead,
            SafetyKey::FeverOrHotRedKnee,
        );
    }
}
