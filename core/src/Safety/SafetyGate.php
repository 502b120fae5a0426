<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;

/**
 * What ticks, looks and hands say must come before any pulling.
 *
 * @internal
 */
final readonly class SafetyGate
{
    /** Asked after an injury before anybody pulls; pulse or sensation done answers theirs. */
    public const AFTER_INJURY = [
        SafetyKey::Deformity, SafetyKey::DislocationSuspected, SafetyKey::PulseOrSensationLost, SafetyKey::FeverOrHotRedKnee,
        SafetyKey::CannotTakeFourSteps, SafetyKey::CannotFlexTo90, SafetyKey::TenderPatellaAlone, SafetyKey::TenderFibularHead,
    ];

    /** Asked where it came on without one. */
    public const WITHOUT_INJURY = [
        SafetyKey::FeverOrHotRedKnee,
        SafetyKey::NightOrRestPain,
        SafetyKey::CalfSwollenTender,
        SafetyKey::RecentSurgery,
    ];

    /**
     * @param  bool  $open  whether its questions are answered and the age is known
     * @param  list<SafetyLine>  $lines  most urgent first
     * @param  list<SafetyLine>  $faded  findings that are no line any more, but still sent to someone
     * @param  list<SafetyKey>  $unasked  questions that keep it shut
     */
    private function __construct(
        public bool $open,
        public array $lines,
        public array $faded,
        public Signs $signs,
        public array $unasked,
        public bool $ageIsMissing,
        public RuleBook $book,
    ) {
    }

    public static function of(KneeExamination $examination, RuleBook $book): self
    {
        $signs = new Signs($examination);
        $unasked = array_values(array_filter(
            self::questions($examination),
            static fn (SafetyKey $key): bool => ! $signs->answered($key),
        ));
        [$lines, $faded] = self::parted(GateRules::lines($examination, $signs, FluidSigns::in($examination), $book));

        return new self(
            $unasked === [] && $examination->ageYears !== null && ! $examination->dayIsMissing,
            $lines,
            $faded,
            $signs,
            $unasked,
            $examination->ageYears === null,
            $book,
        );
    }

    /**
     * Each rule once, by its most urgent line; an X-ray for age alone is not asked beside one for a break.
     *
     * @param  list<SafetyLine>  $lines
     * @return array{list<SafetyLine>, list<SafetyLine>} lines and faded ones, most urgent first
     */
    private static function parted(array $lines): array
    {
        $all = [];
        foreach ($lines as $line) {
            $worse = $all[$line->rule->value] ?? null;
            $all[$line->rule->value] = $worse === null || self::isWorse($line, $worse) ? $line : $worse;
        }
        if (isset($all[SafetyRule::FractureRulePositive->value]) || isset($all[SafetyRule::FractureSuspected->value])) {
            unset($all[SafetyRule::AgeXray->value]);
        }
        $faded = array_filter($all, static fn (SafetyLine $line): bool => $line->isReferralOnly);

        return [
            SafetyLine::inOrder(array_values(array_diff_key($all, $faded))),
            SafetyLine::inOrder(array_values($faded)),
        ];
    }

    /**
     * The questions that open the gate for this knee.
     *
     * @return list<SafetyKey>
     */
    public static function questions(KneeExamination $examination): array
    {
        if ($examination->isAfterInjury()) {
            return self::AFTER_INJURY;
        }

        return $examination->isGrowing() ? [...self::WITHOUT_INJURY, SafetyKey::LimpHipLimited] : self::WITHOUT_INJURY;
    }

    /** The gate with lines that only the results could raise. */
    public function with(SafetyLine ...$more): self
    {
        if ($more === []) {
            return $this;
        }
        [$kept, $faded] = self::parted([...$this->lines, ...$this->faded, ...array_values($more)]);

        return new self(
            $this->open,
            $kept,
            $faded,
            $this->signs,
            $this->unasked,
            $this->ageIsMissing,
            $this->book,
        );
    }

    public function raised(SafetyRule ...$rules): bool
    {
        foreach ($this->lines as $line) {
            if (\in_array($line->rule, $rules, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What closes a manoeuvre for now, lines first, most urgent first.
     *
     * @return list<SafetyLine>
     */
    public function closing(Manoeuvre $manoeuvre): array
    {
        return array_values(array_filter(
            [...$this->lines, ...$this->faded],
            static fn (SafetyLine $line): bool => ! $line->leaves($manoeuvre),
        ));
    }

    /** Sent to someone by these rules, as a line or, where they have faded, without one. */
    public function sends(SafetyRule ...$rules): bool
    {
        foreach ([...$this->lines, ...$this->faded] as $line) {
            if (\in_array($line->rule, $rules, true)) {
                return true;
            }
        }

        return false;
    }

    public function isEmergency(): bool
    {
        return ($this->lines[0] ?? null)?->urgency === Urgency::Emergency;
    }

    /** Whether another person must see this knee today. */
    public function isToday(): bool
    {
        foreach ($this->lines as $line) {
            if ($line->isToday()) {
                return true;
            }
        }

        return false;
    }

    private static function isWorse(SafetyLine $a, SafetyLine $b): bool
    {
        return ($a->urgency?->rank() ?? 0) < ($b->urgency?->rank() ?? 0);
    }
}
