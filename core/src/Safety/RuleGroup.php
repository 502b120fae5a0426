<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;

/**
 * Rules of the gate that belong together. Limits in days, years and pain are working estimates.
 *
 * @internal
 */
abstract readonly class RuleGroup
{
    public const FRESH_DAYS = 14;

    /** From here on (of 5) a manoeuvre provokes too much for a bone or a joint that may be hurt. */
    protected const HIGH_PROVOCATION = 4;

    protected const SEVERE_PAIN = 7.0;

    protected HurtKnee $knee;

    protected Blood $blood;

    protected bool $warm;

    protected float $fluidGrade;

    public function __construct(
        protected KneeExamination $examination,
        protected Signs $signs,
        protected FluidSigns $fluid,
        protected RuleBook $book,
    ) {
        $this->knee = new HurtKnee($examination);
        $this->blood = Blood::in($examination, $fluid);
        $this->warm = $this->knee->is(Fact::Warm);
        $this->fluidGrade = $fluid->grade() ?? ($fluid->isPositive() ? 1.0 : 0.0);
    }

    /**
     * @return list<SafetyLine|null>
     */
    abstract public function lines(): array;

    /**
     * A finding that fades with the days since the injury.
     *
     * @param  int<-1, max>|null  $since  place in the document of what raises it; null: nothing does
     * @param  Urgency|null  $undated  without an injury; null: not raised then
     * @param  string  $as  a variant of what is said
     */
    protected function fading(
        SafetyRule $rule,
        FadingFinding $finding,
        ?int $since,
        Opens $opens,
        ?Urgency $undated = null,
        string $as = '',
    ): ?SafetyLine {
        $day = $this->examination->daysSinceInjury;
        $urgency = $day === null ? $undated : $this->book->steps->on($finding, $day);

        return $since === null || $urgency === null
            ? null
            : SafetyLine::fading($rule, $urgency, $this->book->of($rule, $as), $since, $opens);
    }

    /**
     * Where heat and fluid were last looked for.
     *
     * @return int<-1, max>
     */
    protected function seen(): int
    {
        return \max($this->knee->since(Fact::Warm) ?? -1, $this->fluid->at);
    }

    protected function operatedLately(): bool
    {
        return $this->signs->yes(SafetyKey::RecentSurgery) || $this->examination->episode->operated?->isRecent() === true;
    }

    protected function within(int $days): bool
    {
        return $this->examination->injuredWithin($days);
    }

    /** A line that an answer to any of these questions raises, ticked or found by hand. */
    protected function answered(SafetyRule $rule, Urgency $urgency, Opens $opens, SafetyKey ...$keys): ?SafetyLine
    {
        return $this->line($rule, $urgency, $this->signs->since(...$keys), $opens);
    }

    /**
     * @param  int<-1, max>|null  $since  place in the document of what raises it; null: nothing does
     * @param  string  $as  a variant of what is said
     */
    protected function line(SafetyRule $rule, ?Urgency $urgency, ?int $since, Opens $opens, string $as = ''): ?SafetyLine
    {
        return $since === null
            ? null
            : new SafetyLine($rule, $urgency, $this->book->of($rule, $as), $since, $opens);
    }
}
