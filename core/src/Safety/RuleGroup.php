<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\SafetyKey as Key;

/**
 * Rules of the gate that belong together. Limits in days, years and pain are working estimates.
 *
 * @internal
 */
abstract readonly class RuleGroup
{
    protected const FRESH_DAYS = 14;

    /** From here on (of 5) a manoeuvre provokes too much for a bone or a joint that may be hurt. */
    protected const HIGH_PROVOCATION = 4;

    protected HurtKnee $knee;

    protected bool $warm;

    protected float $fluidGrade;

    public function __construct(
        protected Examination $examination,
        protected Signs $signs,
        protected FluidSigns $fluid,
        private RuleBook $book,
    ) {
        $this->knee = new HurtKnee($examination);
        $this->warm = $this->knee->is(Fact::Warm);
        $this->fluidGrade = $fluid->grade() ?? ($fluid->isPositive() ? 1.0 : 0.0);
    }

    /**
     * @return list<SafetyLine|null>
     */
    abstract public function lines(): array;

    protected function operatedLately(): bool
    {
        return $this->signs->yes(Key::RecentSurgery) || $this->examination->episode->operated?->isRecent() === true;
    }

    protected function within(int $days): bool
    {
        return $this->examination->injuredWithin($days);
    }

    /** A line that an answer to any of these questions raises, ticked or found by hand. */
    protected function told(Rule $rule, Urgency $urgency, Opens $opens, Key ...$keys): ?SafetyLine
    {
        return $this->line($rule, $urgency, $this->signs->since(...$keys), $opens);
    }

    /**
     * @param  int<-1, max>|null  $since  place in the document of what raises it; null: nothing does
     * @param  string  $as  a variant of what is said
     */
    protected function line(Rule $rule, ?Urgency $urgency, ?int $since, Opens $opens, string $as = ''): ?SafetyLine
    {
        return $since === null
            ? null
            : new SafetyLine($rule, $urgency, $this->book->of($rule, $as), $since, $opens);
    }
}
