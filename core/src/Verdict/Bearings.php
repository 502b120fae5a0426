<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Grading\GradedVisits;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Results\Unsettled;
use GrayCompass\Core\Safety\Blood;
use GrayCompass\Core\Safety\Holds;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Inference\States\Belief;

/**
 * All that is known of one knee when conclusions are drawn. Limits are working estimates.
 *
 * @internal
 */
final readonly class Bearings
{
    private const PRESSURE_DAYS = 2;

    private const SEVERE_PAIN = 7.0;

    public HurtKnee $knee;

    public SignBook $signs;

    public Dislocation $dislocation;

    public SafetyGate $gate;

    public Holds $holds;

    public Grading $grading;

    public GradedVisits $gradedVisits;

    public SettledResults $results;

    public Unsettled $settled;

    public Loose $loose;

    public Blood $blood;

    public Belief $belief;

    /** @var list<ConditionVerdict> one for each condition, in their order */
    public array $verdicts;

    public FrontGate $front;

    /** @var list<Consideration> */
    public array $also;

    /** @var list<AbnormalFinding> with any of these the knee is not sound */
    public array $abnormal;

    /** @var list<string> condition ids whose like tests disagree */
    public array $disagree;

    /** @var list<float> chances before any scan or look inside the joint */
    public array $byHand;

    public function __construct(
        public KneeExamination $examination,
        public Catalogue $catalogue,
        Guarded $guarded,
        Readings $readings,
        Conclusions $conclusions,
    ) {
        [$this->gate, $this->holds] = [$guarded->gate, $guarded->holds];
        [$this->grading, $this->results, $this->settled] = [$readings->grading, $readings->results, $readings->settled];
        [$this->loose, $this->blood] = [$readings->loose, $readings->blood];
        $this->gradedVisits = $readings->gradedVisits;
        [$this->belief, $this->verdicts, $this->front] = [
            $conclusions->belief, $conclusions->verdicts, $conclusions->front,
        ];
        [$this->also, $this->abnormal, $this->disagree, $this->byHand] = [
            $conclusions->also, $conclusions->abnormal, $conclusions->disagree, $conclusions->byHand,
        ];
        $this->knee = new HurtKnee($examination);
        $this->signs = $this->results->signs;
        $this->dislocation = Dislocation::in($examination, FluidSigns::in($examination), $this->blood);
    }

    /** What a manoeuvre is called. */
    public function cardName(string $manoeuvre): string
    {
        return $this->catalogue->get($manoeuvre)->card->name;
    }

    public function of(Condition $condition): ConditionVerdict
    {
        return $this->verdicts[$condition->position()];
    }

    /** Chance after all results, in (0, 1). */
    public function chance(Condition $condition): float
    {
        return $this->of($condition)->chance->posttest;
    }

    /** Whether any of these conditions has reached the point of acting. */
    public function atAct(Condition ...$conditions): bool
    {
        foreach ($conditions as $condition) {
            if ($this->of($condition)->isAtAct()) {
                return true;
            }
        }

        return false;
    }

    /** 0 where nothing was graded. */
    public function grade(Condition $condition): int
    {
        return $this->of($condition)->grade ?? 0;
    }

    /** Today, or how far the joint moved at an earlier visit. */
    public function positive(string ...$signs): bool
    {
        return $this->results->ofTheKneeNow->isPositive(...$signs);
    }

    public function raised(SafetyRule ...$rules): bool
    {
        return $this->gate->raised(...$rules);
    }

    public function hasFluid(): bool
    {
        return $this->grading->effusion?->outcome === Outcome::Positive;
    }

    /** 0 where fluid was not graded. */
    public function fluidGrade(): float
    {
        return $this->grading->effusion->grade ?? 0.0;
    }

    public function bloodLikely(): bool
    {
        return $this->blood->isLikely();
    }

    public function isAfterInjury(): bool
    {
        return $this->examination->isAfterInjury();
    }

    /**
     * A look at knees that nobody complains of, in which nothing was found: base rates are of knees that someone
     * complains of, so no chance follows from it, and no plan.
     */
    public function isSoundBaseline(): bool
    {
        if (! $this->examination->route->isBaseline() || $this->gate->lines !== [] || $this->also !== []
            || $this->abnormal !== []) {
            return false;
        }
        foreach ($this->results->results as $result) {
            if ($result->isHandsOn() && $result->reading->outcome === Outcome::Positive) {
                return false;
            }
        }

        return true;
    }

    /** Whether this cruciate of the hurt knee was operated on, however long ago. */
    public function isGraft(Condition $condition): bool
    {
        return $condition->isCruciate() && ($this->examination->episode->operated?->structure === $condition
            || $this->examination->known->treatment($condition) !== null);
    }

    public function hasGraft(): bool
    {
        return $this->isGraft(Condition::Acl) || $this->isGraft(Condition::Pcl);
    }

    /** Under 18 a limp may come from the hip, and nobody has looked at it. */
    public function needsHipScreen(): bool
    {
        return $this->examination->isGrowing()
            && $this->knee->is(Fact::Limps)
            && ! $this->knee->is(Fact::HipLookedAt);
    }

    /** Much pain with a nerve that fails or a tense calf, in the first days: the lower leg may be under pressure. */
    public function mayBeUnderPressure(): bool
    {
        return $this->examination->injuredWithin(self::PRESSURE_DAYS)
            && $this->gate->signs->yes(SafetyKey::FootDropped, SafetyKey::CalfTense)
            && ($this->examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN;
    }

    /** A scan or a look inside the joint, in this episode, has answered for any of the conditions. */
    public function wasLookedAt(): bool
    {
        return array_filter($this->verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->isAnswered()) !== [];
    }

    /** A cruciate that a scan or a look inside the joint found torn, and that nobody treated. */
    public function hasKnownCruciateTear(): bool
    {
        return $this->of(Condition::Acl)->isKnownTorn() || $this->of(Condition::Pcl)->isKnownTorn();
    }

    /** A cruciate was operated on or is known to be torn: no answer of today clears a return to sport. */
    public function isNeverCleared(): bool
    {
        return $this->hasGraft() || $this->hasKnownCruciateTear();
    }

    /** And no surgeon has cleared the knee for sport since. */
    public function awaitsClearance(): bool
    {
        $said = $this->examination->episode->surgeonSaid;
        $since = '';
        foreach ([Condition::Acl, Condition::Pcl] as $cruciate) {
            $torn = $this->of($cruciate)->isKnownTorn() ? $this->of($cruciate)->known : null;
            foreach ([$torn, $this->examination->known->treatment($cruciate)] as $known) {
                $since = \max($since, $known?->on->format('Y-m-d') ?? '');
            }
        }

        return $this->isNeverCleared() && ($said?->cleared !== true || $said->on < $since);
    }

    /** An own test was done and said nothing: muscles held, it was equivocal, or it hurt too much. */
    public function cannotBeRead(Condition $condition): bool
    {
        $guarded = [Exclusion::HamstringsGuarded, Exclusion::QuadricepsGuarded];
        foreach ($this->results->results as $result) {
            if ($this->signs->ownTestOf($result->reading->sign) === $condition
                && (\in_array($result->exclusion, $guarded, true) || $result->reading->outcome === Outcome::Equivocal)) {
                return true;
            }
        }
        foreach ($this->examination->records as $record) {
            $aims = array_map($this->signs->ownTestOf(...), $record->manoeuvre->feeds);
            if ($record->notDone === NotDone::Pain && \in_array($condition, $aims, true)) {
                return true;
            }
        }

        return false;
    }

    /** The lateral side opens clearly, or is likely torn by more than a slight opening. */
    public function isOuterSideHurt(): bool
    {
        $more = array_filter(
            $this->results->ofTheKneeNow->ownPositives(Condition::Lcl),
            fn (SettledResult $result): bool => $this->signs->grades($result->reading->sign) === null
                || $result->reading->level !== Level::Slight,
        );

        return $this->loose->opens(Condition::Lcl) || ($this->of(Condition::Lcl)->isTreatedAsTorn() && $more !== []);
    }

    /** P(at least one meniscus torn), in [0, 1]. */
    public function anyMeniscus(): float
    {
        $medial = Condition::MedialMeniscus->position();
        $lateral = Condition::LateralMeniscus->position();

        return \min(
            1.0,
            $this->belief->joint($medial, [$medial]) + $this->belief->joint(
                $lateral,
                [$lateral],
            ) - $this->belief->joint($medial, [$lateral]),
        );
    }
}
