<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\AbnormalFinding;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\ConditionZone;
use GrayCompass\Core\Verdict\Matters;

/**
 * What was looked at, found and may be meant, for an athlete. Limits are working estimates.
 *
 * @internal
 */
final readonly class FoundForAthlete
{
    private const ENOUGH_TESTS = 8;

    public function __construct(private Bearings $bearings)
    {
    }

    /**
     * @return list<Sentence>
     */
    public function lookedAt(): array
    {
        $examination = $this->bearings->examination;
        $side = $examination->hurtSide->value;
        $done = array_filter($examination->records, static fn (Record $record): bool => $record->notDone === null);
        $compared = array_filter(
            $done,
            static fn (Record $record): bool => $record->side === $examination->hurtSide->opposite(),
        );

        $why = $this->whyNotTested();

        return [match (true) {
            $done !== [] && $examination->route->isBaseline() => new Sentence('looked.baseline'),
            $done === [] && $why !== [] => new Sentence('looked.not_tested', ['why' => $why]),
            $done === [] => new Sentence("looked.talked.{$side}"),
            $examination->baseline !== null && $this->bearings->grading->comparesWithBaseline() => new Sentence(
                "looked.with_baseline.{$side}", ['day' => $examination->baseline->on],
            ),
            $compared === [] => new Sentence("looked.alone.{$side}"),
            default => new Sentence("looked.compared.{$side}"),
        }];
    }

    /**
     * @return list<Sentence> clauses after “because”, each once
     */
    private function whyNotTested(): array
    {
        $whys = array_map(
            static fn (Record $record): ?NotDone => $record->notDone,
            $this->bearings->examination->records,
        );

        return Sentence::once(array_map(
            static fn (NotDone $why): Sentence => new Sentence("looked.why.{$why->value}"),
            array_values(array_filter($whys)),
        ));
    }

    /**
     * @return list<Sentence>
     */
    public function found(): array
    {
        $bearings = $this->bearings;
        $found = array_map(
            static fn (SafetyLine $line): Sentence => $line->sheet->found,
            [...$bearings->gate->lines, ...$bearings->gate->faded],
        );
        $found = [...$found, ...$this->fluid(), ...$this->positives()];
        if (
            $bearings->of(Condition::Mcl)->grade === 1
            && ! $bearings->positive(...$bearings->signs->grading(Condition::Mcl))
        ) {
            $found[] = new Sentence('found.inner_side_holds');
        }
        foreach ($bearings->also as $other) {
            $isSaid = $other->id === 'growing_bone' && $bearings->gate->sends(SafetyRule::GrowingBone);
            $found = $other->found === null || $isSaid ? $found : [...$found, $other->found];
        }
        foreach ($bearings->abnormal as $abnormal) {
            $isSaid = $abnormal->found === null || $this->isCoveredAlready($abnormal)
                || $this->isOfEarlier($abnormal);
            $found = $isSaid ? $found : [...$found, $abnormal->found];
        }
        $found = $this->withoutOutdone(Sentence::once($found));

        return [...($found === [] ? $this->nothing() : $found), ...$this->excuses()];
    }

    /**
     * @return list<Sentence>
     */
    private function fluid(): array
    {
        $bearings = $this->bearings;
        $blood = $bearings->bloodLikely();

        return match (true) {
            $bearings->gate->sends(SafetyRule::SwellingWithoutInjury) => $blood
                ? [new Sentence('found.may_be_blood')]
                : [],
            $bearings->hasFluid() => [new Sentence($blood ? 'found.fluid_and_blood' : 'found.fluid')],
            $blood => [new Sentence('found.swelled_fast')],
            default => [],
        };
    }

    /**
     * @return list<Sentence>
     */
    private function positives(): array
    {
        $found = [];
        foreach ($this->bearings->results->today->results as $result) {
            $covered = $result->reading->sign === 'loss_of_extension' && $this->bearings->raised(SafetyRule::LockedKnee);
            if ($result->isPositive() && $result->isHandsOn() && ! $covered) {
                $found[] = $this->bearings->signs->phrase($result->reading->sign, $result->reading->level);
            }
        }

        return array_values(array_filter($found));
    }

    /**
     * What is told as “much further” is not told as “further” as well.
     *
     * @param  list<Sentence>  $found
     * @return list<Sentence>
     */
    private function withoutOutdone(array $found): array
    {
        foreach ($this->bearings->results->today->results as $result) {
            $less = $result->isPositive() && $result->reading->level === Level::Gross
                ? $this->bearings->signs->phrase($result->reading->sign)
                : null;
            if ($less !== null) {
                $found = array_filter($found, static fn (Sentence $one): bool => ! $one->equals($less));
            }
        }

        return array_values($found);
    }

    /** The pain of a test whose positive is that pain. */
    private function isWordedAsPain(AbnormalFinding $abnormal): bool
    {
        foreach ($this->bearings->results->today->results as $result) {
            $manoeuvre = $result->reading->record?->manoeuvre->id;
            if ($result->isPositive() && $abnormal->id === "pain_{$manoeuvre}"
                && $this->bearings->signs->painAlone($result->reading->sign) !== null) {
                return true;
            }
        }

        return false;
    }

    /** Found at an earlier visit: what was found today is told alone. */
    private function isOfEarlier(AbnormalFinding $abnormal): bool
    {
        $result = $this->bearings->results->result($abnormal->id);

        return $result?->isCarried() === true && ! $this->bearings->results->today->isPositive($abnormal->id);
    }

    /** Said by a line, or as fluid. */
    private function isCoveredAlready(AbnormalFinding $abnormal): bool
    {
        $gate = $this->bearings->gate;

        return match ($abnormal->id) {
            'effusion' => $this->bearings->hasFluid() || $gate->sends(SafetyRule::SwellingWithoutInjury),
            'short_of_straight', 'springs_back' => $gate->raised(SafetyRule::LockedKnee),
            'warm' => $gate->raised(SafetyRule::JointInfection, SafetyRule::HotKneeUnasked, SafetyRule::WarmAfterOperation),
            'pain_now' => $gate->raised(SafetyRule::SeverePain),
            default => $this->isWordedAsPain($abnormal),
        };
    }

    /**
     * @return list<Sentence>
     */
    private function nothing(): array
    {
        $own = array_filter($this->bearings->results->today->results, fn (SettledResult $result): bool => $result->counts() && $result->isHandsOn()
            && $this->bearings->signs->ownTestOf($result->reading->sign) !== null);
        $done = array_filter(
            $this->bearings->examination->records,
            static fn (Record $record): bool => $record->notDone === null,
        );
        if ($this->bearings->needsHipScreen()) {
            return [];
        }
        if ((\count($own) >= self::ENOUGH_TESTS && Matters::of($this->bearings) === [])
            || ($done !== [] && $this->bearings->isSoundBaseline())) {
            return [new Sentence('found.nothing')];
        }
        $untested = $this->bearings->examination->route->isBaseline() ? [] : $this->untested();
        $not = $untested === [] ? [] : [new Sentence('found.not_tested', ['parts' => $untested])];
        if ($own !== [] && $this->suspectedIsTested()) {
            return [new Sentence('found.tested_is_normal'), ...$not];
        }

        return $done === [] ? [] : $not;
    }

    /** At least one own test of what the story raised counts, where it raised anything. */
    private function suspectedIsTested(): bool
    {
        $raised = array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->raised,
        );

        return $raised === [] || array_filter(
            $raised,
            static fn (ConditionVerdict $verdict): bool => $verdict->tested,
        ) !== [];
    }

    /**
     * @return list<Sentence> three parts at most
     */
    private function untested(): array
    {
        return \array_slice(self::parts(
            array_filter(
                $this->bearings->verdicts,
                static fn (ConditionVerdict $verdict): bool => ! $verdict->tested && $verdict->seriousness > 1,
            ),
        ), 0, 3);
    }

    /**
     * @param  array<ConditionVerdict>  $verdicts
     * @return list<Sentence> what these injuries hurt
     */
    private static function parts(array $verdicts): array
    {
        return array_values(array_map(
            static fn (ConditionVerdict $verdict): Sentence => $verdict->condition->part(),
            $verdicts,
        ));
    }

    /**
     * Why tests could not tell, each reason once.
     *
     * @return list<Sentence>
     */
    private function excuses(): array
    {
        $excuses = [];
        foreach ($this->bearings->results->today->results as $result) {
            $own = $this->bearings->signs->ownTestOf($result->reading->sign);
            if ($own !== null && $result->exclusion?->isVoid() === true && $this->bearings->of($own)->unsettled) {
                $excuses[] = PlainWords::excuse($result->exclusion);
            }
        }

        return $excuses === []
            ? []
            : [new Sentence('found.could_not_tell', ['why' => \array_slice(Sentence::once($excuses), 0, 2)])];
    }

    /**
     * @return list<Sentence>
     */
    public function mayMean(): array
    {
        $named = array_filter(
            Matters::named($this->bearings),
            fn (ConditionVerdict $verdict): bool => ! (
                $verdict->condition === Condition::PatellarInstability
                && $this->bearings->raised(SafetyRule::KneecapOut)
            ),
        );
        $likely = array_values(array_filter(
            $named,
            static fn (ConditionVerdict $verdict): bool => $verdict->reachesRuleOut(),
        ));
        $open = array_values(array_filter(
            $named,
            static fn (ConditionVerdict $verdict): bool => ! $verdict->reachesRuleOut(),
        ));
        $fine = $this->bearings->gate->isToday() ? [] : array_values(array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->zone === ConditionZone::RuledOut
                && $verdict->raised,
        ));
        $sentences = array_map($this->chance(...), $likely);
        if ($open !== []) {
            $sentences[] = new Sentence('mean.open', ['parts' => self::parts($open)]);
        }
        if ($fine !== []) {
            $sentences[] = new Sentence('mean.unlikely', ['parts' => self::parts($fine)]);
        }
        $ligament = array_filter(
            [...$likely, ...$open, ...$fine],
            static fn (ConditionVerdict $verdict): bool => $verdict->condition->isLigament()
                && $verdict->condition !== Condition::Plc,
        );
        if ($ligament !== [] || ($sentences !== [] && $this->namesUntestedLigament())) {
            array_unshift($sentences, new Sentence('mean.ligaments'));
        }

        return $sentences === [] ? [] : [...$sentences, new Sentence('mean.no_diagnosis')];
    }

    /** A ligament stands among what was not tested, and its name is not explained there. */
    private function namesUntestedLigament(): bool
    {
        $isTold = array_filter($this->found(), static fn (Sentence $one): bool => $one->code === 'found.not_tested') !== [];
        $ligaments = [Condition::Acl->part(), Condition::Pcl->part(), Condition::Mcl->part(), Condition::Lcl->part()];

        return $isTold && array_filter($this->untested(), static fn (Sentence $part): bool => array_filter(
            $ligaments,
            $part->equals(...),
        ) !== []) !== [];
    }

    /** What may be wrong, with how often; without a number where it gives so much, or happened, that none is fair. */
    private function chance(ConditionVerdict $verdict): Sentence
    {
        $gross = array_filter(
            $this->bearings->results->ownPositives($verdict->condition),
            static fn (SettledResult $result): bool => $result->reading->level === Level::Gross,
        );
        if ($verdict->condition === Condition::PatellarInstability && $this->bearings->dislocation->wasTold) {
            return new Sentence('mean.kneecap_was_out');
        }
        $known = self::known($verdict);
        if ($known !== null) {
            return $known;
        }
        $may = PlainWords::may($verdict->condition, $verdict->isAtAct() || $gross !== []);

        return $gross !== []
            ? new Sentence('mean.alone', ['what' => $may])
            : new Sentence('mean.with_share', ['what' => $may, 'share' => PlainWords::share($verdict->posttest())]);
    }

    /** What a scan or a look inside the joint found torn is told as found, without a number; null: nothing was. */
    private static function known(ConditionVerdict $verdict): ?Sentence
    {
        $known = $verdict->known;
        $isTold = $verdict->isKnownTorn() && ($verdict->isConfirmed() || $verdict->isAtAct());
        if ($known === null || ! $isTold || $verdict->condition === Condition::PatellarInstability) {
            return null;
        }
        $code = match (true) {
            $known->before => 'mean.known.before',
            $known->by->sawInside() => 'mean.known.inside',
            default => 'mean.known.scan',
        };

        return new Sentence($code, ['part' => $verdict->condition->part()]);
    }
}
