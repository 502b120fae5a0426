<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Family;

/** The one verdict on what may not be done now: asked before storing, drawn by every screen. */
final readonly class Holds
{
    /** What is looked at, felt for at the foot, or done by the athlete alone needs no consent to be touched. */
    private const WITHOUT_TOUCH = [Family::Look, Family::Neurovascular, Family::Loaded];

    /** What waits for the answers of the gate. */
    private const AFTER_THE_GATE = [Family::Drawer, Family::Stress, Family::Twist, Family::Pivot, Family::Loaded];

    /**
     * @param  array<string, Hold>  $byManoeuvre  in the order of the catalogue
     * @param  array<string, list<SafetyLine>>  $lines  all that close each manoeuvre, most urgent first
     */
    private function __construct(public array $byManoeuvre, private array $lines)
    {
    }

    public static function of(KneeExamination $examination, SafetyGate $gate, Catalogue $catalogue): self
    {
        $holds = $closing = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            $lines = $gate->closing($manoeuvre);
            $hold = self::on($manoeuvre, $lines, $examination, $gate);
            if ($hold !== null) {
                $holds[$manoeuvre->id] = $hold;
                $closing[$manoeuvre->id] = $lines;
            }
        }

        return new self($holds, $closing);
    }

    public function for(string $manoeuvre): ?Hold
    {
        return $this->byManoeuvre[$manoeuvre] ?? null;
    }

    /**
     * Manoeuvres that a rule closes.
     *
     * @return array<string, SafetyRule> the most urgent rule, by manoeuvre
     */
    public function byRule(): array
    {
        return array_filter(array_map(static fn (Hold $hold): ?SafetyRule => $hold->rule, $this->byManoeuvre));
    }

    /** What stood against a finding when it was taken: only what was known before it. */
    public function against(Record $record): ?Hold
    {
        $hold = $this->byManoeuvre[$record->manoeuvre->id] ?? null;
        if ($hold === null || $record->notDone !== null) {
            return null;
        }
        foreach ($this->lines[$record->manoeuvre->id] as $line) {
            if ($line->since < $record->position) {
                return new Hold(HoldKind::Rule, $line->rule, $hold->mayOverride);
            }
        }

        return $hold->kind === HoldKind::Rule ? null : $hold;
    }

    /**
     * @param  list<SafetyLine>  $lines  those that close it
     */
    private static function on(Manoeuvre $manoeuvre, array $lines, KneeExamination $examination, SafetyGate $gate): ?Hold
    {
        if ($manoeuvre->has(ManoeuvreTrait::First)) {
            return null;
        }
        $consent = self::consent($manoeuvre, $examination, $gate);
        if ($lines !== []) {
            // Without consent no reason opens anything, whatever else holds.
            return new Hold(
                HoldKind::Rule,
                $lines[0]->rule,
                $consent === null || $consent->mayOverride,
                $consent === null && self::raisedByItself($manoeuvre, $lines, $examination),
            );
        }

        return $consent ?? (
            $gate->open
            || ! \in_array($manoeuvre->family, self::AFTER_THE_GATE, true) ? null : new Hold(HoldKind::Gate, null, true)
        );
    }

    /**
     * @param  non-empty-list<SafetyLine>  $lines
     */
    private static function raisedByItself(Manoeuvre $manoeuvre, array $lines, KneeExamination $examination): bool
    {
        $own = (new HurtKnee($examination))->position($manoeuvre->id);

        return $own >= 0 && array_filter($lines, static fn (SafetyLine $line): bool => $line->since !== $own) === [];
    }

    private static function consent(Manoeuvre $manoeuvre, KneeExamination $examination, SafetyGate $gate): ?Hold
    {
        if (\in_array($manoeuvre->family, self::WITHOUT_TOUCH, true)) {
            return null;
        }
        if ($examination->opening->consentGiven !== true) {
            return new Hold(HoldKind::Consent, null, false);
        }
        if ($examination->opening->footSore === true && $manoeuvre->has(ManoeuvreTrait::SitsOnFoot)) {
            return new Hold(HoldKind::Consent, null, true);
        }
        $guardian = $examination->isUnder(KneeExamination::GROWN_YEARS) && $examination->opening->guardianConsent !== true;

        return $guardian ? new Hold(HoldKind::Consent, null, $gate->isEmergency()) : null;
    }
}
