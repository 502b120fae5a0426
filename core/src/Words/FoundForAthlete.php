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
use GrayCompass\Core\Verdict\AbnormalFinding;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\ConditionZone;
use GrayCompass\Core\Verdict\Matters;

/**
 * What was looked at, found and may be meant, in words for an athlete. Limits are working estimates.
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
     * @return list<string>
     */
    public function lookedAt(): array
    {
        $examination = $this->bearings->examination;
        $hurt = PlainWords::side($examination->hurtSide);
        $other = PlainWords::side($examination->hurtSide->opposite());
        $done = array_filter($examination->records, static fn (Record $record): bool => $record->notDone === null);
        $compared = array_filter(
            $done,
            static fn (Record $record): bool => $record->side === $examination->hurtSide->opposite(),
        );

        $why = $this->whyNotTested();

        return [match (true) {
            $done !== [] && $examination->route->isBaseline() => 'We measured both your knees before the season, to '
                .'compare with later.',
            $done === [] && $why !== [] => 'We could not test your knee today because '.PlainWords::list($why).'.',
            $done === [] => "We talked about your {$hurt} knee and have not tested it by hand.",
            $this->bearings->grading->comparesWithBaseline() => "We tested your {$hurt} knee by hand and compared it with how it was on "
                ."{$examination->baseline?->on->format('j F Y')}.",
            $compared === [] => "We tested your {$hurt} knee by hand.",
            default => "We tested your {$hurt} knee by hand and compared it with your {$other} knee.",
        }];
    }

    /**
     * @return list<string> clauses after “because”, each once
     */
    private function whyNotTested(): array
    {
        $whys = array_map(static fn (Record $record): string => match ($record->notDone) {
            NotDone::Pain => 'it hurt too much',
            NotDone::Time => 'there was no time',
            NotDone::Declined => 'you did not want it',
            NotDone::NotSafe => 'it was not safe',
            NotDone::Position => 'the position was not possible',
            null => '',
        }, $this->bearings->examination->records);

        return array_values(array_unique(array_filter($whys)));
    }

    /**
     * @return list<string>
     */
    public function found(): array
    {
        $bearings = $this->bearings;
        $found = array_map(
            static fn (SafetyLine $line): string => $line->sheet->found,
            [...$bearings->gate->lines, ...$bearings->gate->faded],
        );
        $found = [...$found, ...$this->fluid(), ...$this->positives()];
        if (
            $bearings->of(Condition::Mcl)->grade === 1
            && ! $bearings->positive(...$bearings->signs->grading(Condition::Mcl))
        ) {
            $found[] = 'The inner side is sore but holds.';
        }
        foreach ($bearings->also as $other) {
            $found[] = $other->id === 'growing_bone' && $bearings->gate->sends(SafetyRule::GrowingBone) ? '' : $other->found;
        }
        foreach ($bearings->abnormal as $abnormal) {
            $found[] = $this->isCoveredAlready($abnormal) ? '' : $abnormal->found;
        }
        $found = array_values(array_diff(array_unique(array_filter($found)), $this->outdone()));

        return [...($found === [] ? $this->nothing() : $found), ...$this->excuses()];
    }

    /**
     * @return list<string>
     */
    private function fluid(): array
    {
        $bearings = $this->bearings;
        $blood = $bearings->bloodLikely();

        return match (true) {
            $bearings->gate->sends(SafetyRule::SwellingWithoutInjury) => $blood ? ['It may be blood.'] : [],
            $bearings->hasFluid() => [
                $blood ? 'There is fluid inside the knee, and it may be blood.' : 'There is fluid inside the knee.',
            ],
            $blood => ['The knee swelled so fast that it may have bled inside.'],
            default => [],
        };
    }

    /**
     * @return list<string>
     */
    private function positives(): array
    {
        $found = [];
        foreach ($this->bearings->results->results as $result) {
            $covered = $result->reading->sign === 'loss_of_extension' && $this->bearings->raised(SafetyRule::LockedKnee);
            if ($result->isPositive() && $result->isHandsOn() && ! $covered) {
                $found[] = (string) $this->bearings->signs->phrase($result->reading->sign, $result->reading->level);
            }
        }

        return $found;
    }

    /**
     * What is told as “much further” is not told as “further” as well.
     *
     * @return list<string>
     */
    private function outdone(): array
    {
        $less = [];
        foreach ($this->bearings->results->results as $result) {
            if ($result->isPositive() && $result->reading->level === Level::Gross) {
                $less[] = (string) $this->bearings->signs->phrase($result->reading->sign);
            }
        }

        return $less;
    }

    /** The pain of a test whose positive is that pain. */
    private function isWordedAsPain(AbnormalFinding $abnormal): bool
    {
        foreach ($this->bearings->results->results as $result) {
            $manoeuvre = $result->reading->record?->manoeuvre->id;
            if ($result->isPositive() && $abnormal->id === "pain_{$manoeuvre}"
                && $this->bearings->signs->painAlone($result->reading->sign) !== null) {
                return true;
            }
        }

        return false;
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
     * @return list<string>
     */
    private function nothing(): array
    {
        $own = array_filter($this->bearings->results->results, fn (SettledResult $result): bool => $result->counts() && $result->isHandsOn()
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
            return ['Nothing stands out.'];
        }
        $untested = $this->bearings->examination->route->isBaseline() ? '' : $this->untested();
        $not = $untested === '' ? [] : ["Not tested: {$untested}."];
        if ($own !== [] && $this->suspectedIsTested()) {
            return ['What we could test was normal.', ...$not];
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

    private function untested(): string
    {
        $parts = array_map(
            static fn (ConditionVerdict $verdict): string => $verdict->condition->part(),
            array_filter(
                $this->bearings->verdicts,
                static fn (ConditionVerdict $verdict): bool => ! $verdict->tested && $verdict->seriousness > 1,
            ),
        );

        return PlainWords::list(\array_slice(array_values($parts), 0, 3));
    }

    /**
     * Why tests could not tell, each reason once.
     *
     * @return list<string>
     */
    private function excuses(): array
    {
        $excuses = [];
        foreach ($this->bearings->results->results as $result) {
            $own = $this->bearings->signs->ownTestOf($result->reading->sign);
            if ($own !== null && $result->exclusion?->isVoid() === true && $this->bearings->of($own)->unsettled) {
                $excuses[PlainWords::excuse($result->exclusion)] = true;
            }
        }

        return $excuses === []
            ? []
            : ['Some tests could not tell today, '.PlainWords::list(\array_slice(array_keys($excuses), 0, 2)).'.'];
    }

    /**
     * @return list<string>
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
            $parts = PlainWords::list(array_map(
                static fn (ConditionVerdict $verdict): string => $verdict->condition->part(),
                $open,
            ));
            $sentences[] = "Not settled today: {$parts}.";
        }
        if ($fine !== []) {
            $sentences[] = 'Harm is unlikely: '.PlainWords::list(array_map(
                static fn (ConditionVerdict $verdict): string => $verdict->condition->part(),
                $fine,
            )).'.';
        }
        $ligament = array_filter(
            [...$likely, ...$open, ...$fine],
            static fn (ConditionVerdict $verdict): bool => $verdict->condition->isLigament()
                && $verdict->condition !== Condition::Plc,
        );
        if ($ligament !== []) {
            array_unshift($sentences, 'Ligaments are the bands that hold a knee together.');
        }

        return $sentences === [] ? [] : [...$sentences, 'These are chances, not a diagnosis.'];
    }

    /** What may be wrong, with how often; without a number where it gives so much, or happened, that none is fair. */
    private function chance(ConditionVerdict $verdict): string
    {
        $gross = array_filter(
            $this->bearings->results->ownPositives($verdict->condition),
            static fn (SettledResult $result): bool => $result->reading->level === Level::Gross,
        );
        if ($verdict->condition === Condition::PatellarInstability && $this->bearings->dislocation->wasTold) {
            return 'Your kneecap came out of its groove, and may do so again.';
        }
        $may = PlainWords::may($verdict->condition, $verdict->isAtAct() || $gross !== []);

        return $gross !== [] ? "{$may}." : "{$may}: ".PlainWords::share($verdict->posttest()).'.';
    }
}
