<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Consideration;
use GrayCompass\Core\Verdict\Matters;

/**
 * Every reason to look at a knee again, each with its window in days; the earliest start wins. Working estimates.
 *
 * @internal
 */
final readonly class Reviews
{
    private const RESULT_DUE = 14;

    /** From this chance on a meniscus with a positive of its own is looked at again. */
    private const POSSIBLE_MENISCUS = 0.25;

    private const POSSIBLE_FRONT_PAIN = 0.3;

    /** Days from now, for a finding that no other reason dates. */
    private const FOUND_FROM = 14;

    private const FOUND_TO = 28;

    private const AFTER_XRAY = 7;

    private const XRAY_FIRST = [
        SafetyRule::FractureRulePositive, SafetyRule::FractureSuspected, SafetyRule::GrowingBone, SafetyRule::FractureLikely,
    ];

    private const PAIN_OF_A_FIRM_LACHMAN = 5.0;

    private const FRESH_DAYS = 14;

    private const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    /** Said where several reasons share a start: those that come first matter most. */
    private const SHOWN = 2;

    /**
     * @param  list<Referral>  $sendOn
     */
    private function __construct(
        private Bearings $bearings,
        private array $sendOn,
        private Support $support,
        private Play $play,
    ) {
    }

    /**
     * @param  list<Referral>  $sendOn
     */
    public static function of(Bearings $bearings, array $sendOn, Support $support, Play $play): ?LookAgain
    {
        return (new self($bearings, $sendOn, $support, $play))->decided();
    }

    private function decided(): ?LookAgain
    {
        if ($this->bearings->isSoundBaseline()) {
            return null;
        }
        $bleeds = $this->bearings->examination->isOnTouchline()
            && $this->bearings->examination->episode->bleedingRisk;
        $hours = $this->play->answer->mayGoOn() || $bleeds;
        if ($this->bearings->gate->isToday()) {
            $others = $this->bearings->gate->isEmergency()
                || $this->bearings->raised(SafetyRule::JointInfection)
                || ! $this->bearings->raised(...self::XRAY_FIRST);

            return $others
                ? new LookAgain(null, null, LookAgain::SEEN_THERE, [new Sentence('again_for.todays_referral')])
                : new LookAgain(null, self::AFTER_XRAY, LookAgain::RESULT, [new Sentence('again_for.withheld_tests')]);
        }
        $dated = $this->dated();
        if ($dated !== []) {
            usort($dated, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
            [$from, $to] = $dated[0];
            $others = array_filter(\array_slice($dated, 1), static fn (array $row): bool => $row[0] === $from);
            $whys = Sentence::once([$dated[0][2], ...array_column($others, 2)]);

            return new LookAgain($from, $to, null, \array_slice($whys, 0, self::SHOWN), $hours);
        }
        if ($this->bearings->raised(...self::XRAY_FIRST)) {
            return new LookAgain(
                null,
                self::AFTER_XRAY,
                LookAgain::RESULT,
                [new Sentence('again_for.withheld_tests')],
                $hours,
            );
        }
        if ($this->sendOn === [] && ($this->bearings->abnormal !== [] || $this->bearings->results->hasCarriedPositive())) {
            return new LookAgain(
                self::FOUND_FROM,
                self::FOUND_TO,
                null,
                [$this->bearings->abnormal === []
                    ? new Sentence('again_for.carried_findings')
                    : new Sentence('again_for.todays_findings')],
                $hours,
            );
        }
        if ($this->sendOn !== []) {
            return new LookAgain(
                null,
                self::RESULT_DUE,
                LookAgain::RESULT,
                [new Sentence('again_for.result')],
                $hours,
            );
        }

        return $hours ? new LookAgain(null, null, null, [new Sentence('again_for.decision_to_continue')], true) : null;
    }

    /**
     * In order of what matters.
     *
     * @return list<array{int, int, Sentence}> from, to, why
     */
    private function dated(): array
    {
        $ligaments = new LigamentReviews($this->bearings, $this->isSettledByOthers());

        return array_values(array_filter([
            $ligaments->unsettled(),
            $ligaments->positives(),
            $ligaments->cruciatesLeft(),
            $ligaments->raisedByStory(),
            $ligaments->slightOuterSide(),
            $ligaments->tooPainful(),
            $this->painfulLachman(),
            $this->fluid(),
            $this->blood(),
            $this->restPain(),
            $this->stiff(),
            $this->worn(),
            $ligaments->soreness(),
            $ligaments->medialOpening(),
            $this->thrust(),
            ...array_map($this->meniscus(...), self::MENISCI),
            $this->kneecap(),
            $this->overWeeks(),
            $this->lag(),
            $this->knownTear(),
        ]));
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function fluid(): ?array
    {
        return match (true) {
            $this->bearings->fluidGrade() >= 2 => [...ReviewDays::SOON, new Sentence('again_for.large_effusion')],
            $this->bearings->hasFluid()
                && $this->bearings->isAfterInjury() => [...ReviewDays::NEXT_WEEK, new Sentence('again_for.effusion')],
            default => null,
        };
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function blood(): ?array
    {
        $scanned = array_filter($this->sendOn, static fn (Referral $one): bool => $one->names(Place::Scan)) !== [];

        return $this->bearings->bloodLikely() && ! $this->bearings->wasLookedAt()
            && ! $scanned ? [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.blood')] : null;
    }

    /**
     * A Lachman that holds but hurts much may hide a tear behind the muscles.
     *
     * @return array{int, int, Sentence}|null
     */
    private function painfulLachman(): ?array
    {
        $result = $this->bearings->results->today->result('lachman');
        $pain = $result?->isNegative() === true ? $result->reading->record?->pain() : null;

        return $pain !== null && $pain >= self::PAIN_OF_A_FIRM_LACHMAN
            ? [...ReviewDays::ONCE_SETTLED, new Sentence('again_for.painful_lachman')]
            : null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function restPain(): ?array
    {
        $fresh = $this->bearings->gate->signs->yes(SafetyKey::NightOrRestPain)
            && $this->bearings->examination->injuredWithin(self::FRESH_DAYS)
            && ! $this->bearings->raised(SafetyRule::RestPain);

        return $fresh ? [...ReviewDays::NEXT_WEEK, new Sentence('again_for.rest_pain')] : null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function stiff(): ?array
    {
        $knee = $this->bearings->knee;
        $stiff = $knee->is(Fact::ShortOfStraight5)
            && ! $knee->is(Fact::EndsSpringy)
            && ! $this->bearings->raised(SafetyRule::LockedKnee);

        return $stiff ? [...ReviewDays::NEXT_WEEK, new Sentence('again_for.short_of_straight')] : null;
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function thrust(): ?array
    {
        $sent = array_filter($this->sendOn, static fn (Referral $one): bool => $one->rule === 'thrust');

        return $sent === [] ? null : [...ReviewDays::IN_WEEKS, new Sentence('again_for.thrust')];
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function worn(): ?array
    {
        return match ($this->support->type) {
            SupportType::Immobiliser => [...ReviewDays::UNDER_AN_IMMOBILISER, new Sentence('again_for.immobiliser')],
            SupportType::HingedLimited, SupportType::ExtensionSplintCalfSupport => [...ReviewDays::UNDER_A_BRACE, new Sentence('again_for.brace'),
            ],
            SupportType::HingedSleeve => [...ReviewDays::NEXT_WEEK, new Sentence('again_for.sleeve')],
            SupportType::FunctionalHinged => [...ReviewDays::AFTER_A_PROGRAMME, new Sentence('again_for.sports_brace')],
            default => null,
        };
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function meniscus(Condition $condition): ?array
    {
        $verdict = $this->bearings->of($condition);
        if ($this->isSettledByOthers() || $verdict->isWithheld() || $verdict->known !== null) {
            return null;
        }

        return match (true) {
            $this->bearings->atAct($condition) => [...ReviewDays::AFTER_A_PROGRAMME, new Sentence('again_for.meniscus_likely', ['condition' => $condition->withArticle()]),
            ],
            $this->bearings->results->hasOwnPositive($condition)
                && $this->bearings->chance($condition) >= self::POSSIBLE_MENISCUS => [...ReviewDays::IN_WEEKS, new Sentence('again_for.meniscus_possible', ['condition' => $condition->withArticle()]),
                ],
            default => null,
        };
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function kneecap(): ?array
    {
        $pain = ! Matters::isExplainedOtherwise($this->bearings) && ($this->bearings->atAct(Condition::PatellofemoralPain)
            || (
                ! $this->bearings->isAfterInjury()
                && ! $this->bearings->of(Condition::PatellofemoralPain)->isWithheld()
                && $this->bearings->chance(Condition::PatellofemoralPain) >= self::POSSIBLE_FRONT_PAIN
            ));

        return match (true) {
            $pain => [...ReviewDays::AFTER_A_PROGRAMME, new Sentence('again_for.patellofemoral_pain')],
            $this->bearings->results->hasOwnPositive(Condition::PatellarInstability)
                && ! $this->isSettledByOthers() => [...ReviewDays::AFTER_A_PROGRAMME, new Sentence('again_for.patella_slips')],
            default => null,
        };
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function overWeeks(): ?array
    {
        $slow = array_filter($this->bearings->also, static fn (Consideration $other): bool => $other->healsOverWeeks);

        return $slow === [] ? null : [...ReviewDays::AFTER_A_PROGRAMME, new Sentence('written', ['words' => reset($slow)->why])];
    }

    /**
     * @return array{int, int, Sentence}|null
     */
    private function lag(): ?array
    {
        $alone = $this->bearings->knee->is(Fact::Lag)
            && $this->bearings->hasFluid()
            && ! $this->bearings->raised(SafetyRule::ExtensorRupture);

        return $alone ? [...ReviewDays::SOON, new Sentence('again_for.lag')] : null;
    }

    /**
     * Whether it is torn is no question any more: its course is.
     *
     * @return array{int, int, Sentence}|null
     */
    private function knownTear(): ?array
    {
        $torn = array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->isKnownTorn(),
        );

        return $torn === []
            ? null
            : [...ReviewDays::IN_WEEKS, new Sentence('again_for.known_tear')];
    }

    private function isSettledByOthers(): bool
    {
        return array_filter($this->sendOn, static fn (Referral $one): bool => $one->settles()) !== [];
    }
}
