<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Findings\NotDone;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Standing\StandingResult;
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
        $found = [];
        foreach ($bearings->gate->lines as $line) {
            $found[] = $line->sheet->found;
        }
        if ($bearings->raised(Rule::SwellingWithoutInjury)) {
            $found[] = $bearings->bloodLikely ? 'It may be blood.' : '';
        } elseif ($bearings->hasFluid()) {
            $found[] = $bearings->bloodLikely
                ? 'There is fluid inside the knee, and it may be blood.'
                : 'There is fluid inside the knee.';
        } elseif ($bearings->bloodLikely) {
            $found[] = 'The knee swelled so fast that it may have bled inside.';
        }
        foreach ($bearings->standing->results as $result) {
            $told = $result->reading->sign === 'loss_of_extension' && $bearings->raised(Rule::LockedKnee);
            if ($result->isPositive() && $result->isHandsOn() && ! $told) {
                $found[] = (string) $bearings->signs->phrase($result->reading->sign);
            }
        }
        if (
            $bearings->of(Condition::Mcl)->grade === 1
            && ! $bearings->positive(...$bearings->signs->grading(Condition::Mcl))
        ) {
            $found[] = 'The inner side is sore but holds.';
        }
        foreach ($bearings->also as $other) {
            $found[] = $other->id === 'growing_bone' && $bearings->raised(Rule::GrowingBone) ? '' : $other->found;
        }
        $found = array_values(array_unique(array_filter($found)));

        return [...($found === [] ? $this->nothing() : $found), ...$this->excuses()];
    }

    /**
     * @return list<string>
     */
    private function nothing(): array
    {
        $own = array_filter($this->bearings->standing->results, fn (StandingResult $result): bool => $result->counts() && $result->isHandsOn()
            && $this->bearings->signs->ownTestOf($result->reading->sign) !== null);
        $done = array_filter(
            $this->bearings->examination->records,
            static fn (Record $record): bool => $record->notDone === null,
        );
        if (\count($own) >= self::ENOUGH_TESTS || ($done !== [] && $this->bearings->isSoundBaseline())) {
            return ['Nothing stands out.'];
        }
        if ($done !== []) {
            $untested = $this->untested();

            return ['What we could test was normal.', ...($untested === '' ? [] : ["Not tested: {$untested}."])];
        }

        return [];
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
        foreach ($this->bearings->standing->results as $result) {
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
                && $this->bearings->raised(Rule::KneecapOut)
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
        $sentences = array_map(
            static fn (ConditionVerdict $verdict): string => PlainWords::may(
                $verdict->condition,
                $verdict->isAtAct(),
            ).': '.PlainWords::share($verdict->posttest()).'.',
            $likely,
        );
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
}
