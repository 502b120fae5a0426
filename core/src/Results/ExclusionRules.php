<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\ManoeuvreTrait as Asks;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * Which reason, if any, keeps a reading from counting: one question for each code. Limits are working estimates.
 *
 * @internal
 */
final readonly class ExclusionRules
{
    private const SHORT_OF_STRAIGHT_DEG = 5.0;

    private const PIVOT_NEEDS_GRADE_BELOW = 2;

    public function __construct(
        private KneeExamination $examination,
        private Grading $grading,
        private EvidenceLibrary $evidence,
        private SignBook $signs,
    ) {
    }

    /** The first code, in the order of the cases, that applies; null when the reading counts. */
    public function against(Reading $reading): ?Exclusion
    {
        foreach (Exclusion::cases() as $code) {
            if ($reading->flaw === $code || $this->applies($code, $reading)) {
                return $code;
            }
        }

        return null;
    }

    private function applies(Exclusion $code, Reading $reading): bool
    {
        if ($code === Exclusion::NoFigures) {
            return $this->evidence->rows($reading->sign) === [];
        }
        if ($code === Exclusion::OldTear) {
            return $this->isKnownLoose($reading);
        }
        if ($code === Exclusion::BruisedThere) {
            return $this->bruised($reading);
        }
        $record = $reading->record;
        if ($record === null) {
            return false;
        }

        return match ($code) {
            Exclusion::FootMoved => $record->failed('footStayedDown') && $this->footMatters($record),
            Exclusion::ThighMoved => $record->failed('thighStable') || $record->failed('thighsTogether'),
            Exclusion::Dial30Missing => $this->firstIsMissing($record),
            Exclusion::HamstringsGuarded => $this->hamstringsHeld($record, $reading->outcome),
            Exclusion::QuadricepsGuarded => $reading->outcome === Outcome::Negative
                && ($record->failed('quadricepsRelaxed') || $record->failed('thighSoft')),
            Exclusion::SagUncorrected => $this->sagFools($reading, $record),
            Exclusion::PivotUnreliable => $reading->outcome === Outcome::Negative
                && $record->manoeuvre->has(Asks::Slips)
                && $this->pivotCannotShow(),
            Exclusion::BendIncomplete => $reading->outcome === Outcome::Negative
                && $record->manoeuvre->has(Asks::NeedsFullBend)
                && ($record->failed('fullBendReached') || $record->failed('fullExtensionReached')),
            Exclusion::NotPinpoint => $reading->outcome === Outcome::Positive && $record->flag('pinpoint') === false,
            Exclusion::PainNotFamiliar => $reading->outcome === Outcome::Positive
                && $record->flag('familiar') === false,
            Exclusion::DistractionHurtsToo => $reading->outcome === Outcome::Positive
                && $record->flag('compressionPain') === true
                && $record->flag('distractionRelieves') === false,
            Exclusion::TooFewRepetitions => $reading->outcome === Outcome::Negative && $this->tooFewTurns($record),
            default => false,
        };
    }

    /** The ligament was torn before this episode: its laxity cannot speak of a new tear. */
    private function isKnownLoose(Reading $reading): bool
    {
        $of = $this->signs->ownTestOf($reading->sign);

        return $of !== null && $this->signs->isLaxity($reading->sign)
            && $this->examination->known->oldTear($of) !== null;
    }

    private function firstIsMissing(Record $record): bool
    {
        $positive = array_filter(
            $record->manoeuvre->names(Asks::OnlyAfter),
            fn (string $sign): bool => $this->counts($sign, Outcome::Positive),
        );

        return $record->manoeuvre->has(Asks::OnlyAfter) && $positive === [];
    }

    private function tooFewTurns(Record $record): bool
    {
        $turns = $record->manoeuvre->amount(Asks::Turns);

        return $turns !== null && ($record->number('reps') ?? $turns) < $turns;
    }

    /** With a thigh under the knee, or prone, the foot hangs free by design. */
    private function footMatters(Record $record): bool
    {
        return $record->manoeuvre->has(Asks::NeedsFootHeld) && ($record->word('support') ?? 'hand') === 'hand';
    }

    private function hamstringsHeld(Record $record, Outcome $sign): bool
    {
        if ($record->failed('relaxed') && $sign === Outcome::Negative) {
            return true;
        }
        if (! $record->failed('hamstringsRelaxed') && $record->flag('guarded') !== true) {
            return false;
        }

        return ($sign === Outcome::Negative && $record->manoeuvre->has(Asks::SpoiltByHamstrings))
            || ($sign === Outcome::Positive && $record->manoeuvre->has(Asks::FakedByHamstrings));
    }

    /** With the shin sagging, the way forward begins too far back. */
    private function sagFools(Reading $reading, Record $record): bool
    {
        if ($record->passed('startedFromNeutral')) {
            return false;
        }
        $fooled = ($reading->outcome === Outcome::Positive && $record->manoeuvre->has(Asks::ForwardTest))
            || ($reading->outcome === Outcome::Negative && $record->manoeuvre->has(Asks::BackwardTest));

        return $fooled && $this->reads('posterior_sag', Outcome::Positive);
    }

    private function pivotCannotShow(): bool
    {
        foreach ($this->grading->readings as $reading) {
            if ($reading->sign === 'valgus_30_laxity' && ($reading->grade ?? 0) >= self::PIVOT_NEEDS_GRADE_BELOW) {
                return true;
            }
        }
        $extension = Comparison::in($this->examination, 'passive_extension')?->difference('extensionDeg');

        return $extension !== null && $extension <= -self::SHORT_OF_STRAIGHT_DEG;
    }

    private function bruised(Reading $reading): bool
    {
        $site = $this->examination->history->directBlowSite;

        return $reading->outcome === Outcome::Positive && $site !== null && str_ends_with($site, '_joint_line')
            && $reading->sign === 'joint_line_tenderness_'.substr($site, 0, -\strlen('_joint_line'));
    }

    private function reads(string $finding, Outcome $sign): bool
    {
        foreach ($this->grading->readings as $reading) {
            if ($reading->sign === $finding && $reading->outcome === $sign) {
                return true;
            }
        }

        return false;
    }

    private function counts(string $finding, Outcome $sign): bool
    {
        foreach ($this->grading->readings as $reading) {
            if ($reading->sign === $finding && $reading->outcome === $sign) {
                return $this->against($reading) === null;
            }
        }

        return false;
    }
}
