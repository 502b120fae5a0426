<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Results\CoreSet;
use GrayCompass\Core\Results\Feasibility;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\TouchlineStop;
use GrayCompass\Inference\Readings\InHundred;
use GrayCompass\Inference\Readings\NextTest;
use GrayCompass\Inference\Readings\Weighed;

/**
 * What to do next: questions first, then the core set in its order, then what could change what one would do.
 * Nothing that is held, that this knee cannot be brought to, or that would change nothing.
 * Limits are working estimates.
 *
 * @internal
 */
final readonly class NextSteps
{
    /** Said when nothing is left that would. */
    private const WORTH = 0.05;

    private const LEAST_CHANCE = 0.05;

    private const SERIOUS = 2.0;

    /** From here on (of 5) a manoeuvre provokes the knee. */
    private const PROVOKING = 3;

    private const TENSE = 4;

    private const PULLING = [Family::Stress, Family::Drawer, Family::Twist, Family::Pivot, Family::Compression];

    private const NEARLY_CERTAIN = 0.95;

    private Feasibility $feasibility;

    private FadingResults $fading;

    /** @var array<string, NextTest> what each manoeuvre is worth, by its best sign */
    private array $worth;

    /** @var list<Manoeuvre> of this knee */
    private array $coreSet;

    /** Something must be seen today, or bone still grows: nothing is pulled. */
    private bool $isUrgent;

    /** Tense, or likely bleeding: only the core set provokes it. */
    private bool $isSwollen;

    private bool $isStopped;

    private function __construct(private Bearings $bearings, private Weighed $weighed, private Catalogue $catalogue)
    {
        $this->feasibility = new Feasibility($bearings->examination, $bearings->grading);
        $this->fading = new FadingResults($bearings);
        $worth = [];
        foreach ($weighed->nextTests as $test) {
            $manoeuvre = $catalogue->feeding($test->candidate->finding->id);
            if ($manoeuvre !== null && ($worth[$manoeuvre->id] ?? null)?->value < $test->value) {
                $worth[$manoeuvre->id] = $test;
            }
        }
        $this->worth = $worth;
        $this->coreSet = CoreSet::of($bearings->examination, $catalogue);
        $this->isUrgent = $bearings->gate->isToday() || $bearings->raised(SafetyRule::GrowingBone);
        $this->isSwollen = $bearings->bloodLikely() || FluidSigns::in($bearings->examination)->sweep === self::TENSE;
        $this->isStopped = TouchlineStop::reason($bearings) !== null;
    }

    /**
     * @return list<Suggestion>
     */
    public static function of(Bearings $bearings, Weighed $weighed, Catalogue $catalogue): array
    {
        return (new self($bearings, $weighed, $catalogue))->suggestions();
    }

    /**
     * @return list<Suggestion>
     */
    private function suggestions(): array
    {
        if ($this->bearings->gate->isEmergency()) {
            return [];
        }
        $core = $this->ordered(array_filter($this->coreSet, $this->isDue(...)));
        $further = array_filter($this->catalogue->manoeuvres, fn (Manoeuvre $manoeuvre): bool => isset($this->worth[$manoeuvre->id])

                && ! \in_array($manoeuvre, $core, true)
                && $this->isDue($manoeuvre)
                && $this->isWorthDoing($manoeuvre, $this->worth[$manoeuvre->id]));
        usort($further, fn (Manoeuvre $a, Manoeuvre $b): int => $this->rank($a) <=> $this->rank($b));
        $fading = array_filter($this->catalogue->manoeuvres, fn (Manoeuvre $manoeuvre): bool => $this->fading->of($manoeuvre) !== null
                && ! \in_array($manoeuvre, [...$core, ...$further], true)
                && $this->isDue($manoeuvre));

        return array_values([
            ...$this->questions(),
            ...$this->hipFirst($core),
            ...array_map($this->suggest(...), [...$this->askedFor($core, $further), ...$core, ...$further, ...$fading]),
        ]);
    }

    /**
     * A child who limps has the hip looked at before the knee.
     *
     * @param  list<Manoeuvre>  $core
     * @return list<Suggestion>
     */
    private function hipFirst(array &$core): array
    {
        $due = array_values(array_filter(
            $this->bearings->needsHipScreen() ? $this->catalogue->with(ManoeuvreTrait::ScreensHip) : [],
            $this->isDue(...),
        ));
        $core = array_values(array_filter(
            $core,
            static fn (Manoeuvre $manoeuvre): bool => ! \in_array($manoeuvre, $due, true),
        ));

        return array_map($this->suggest(...), $due);
    }

    /** Not done, or done and void by something that can be mended now; open, and within reach. */
    private function isDue(Manoeuvre $manoeuvre): bool
    {
        $examination = $this->bearings->examination;
        $left = $examination->leftOut($manoeuvre->id);
        $again = $examination->hurt($manoeuvre->id) !== null && $this->wayAgain($manoeuvre) === null;
        if ($this->isTooMuchNow($manoeuvre)) {
            return false;
        }

        return ! $again && ($left === null || $left === NotDone::Time)
            && $this->bearings->holds->for($manoeuvre->id)?->rule === null && $this->feasibility->allows($manoeuvre);
    }

    /** What provokes a knee that is tense, bleeds, may be broken, or must be seen today; and walking where it fails. */
    private function isTooMuchNow(Manoeuvre $manoeuvre): bool
    {
        if ($this->isStopped && $manoeuvre->family === Family::Loaded) {
            return true;
        }
        if ($manoeuvre->has(ManoeuvreTrait::NeedsFourSteps)) {
            return $this->bearings->gate->signs->yes(SafetyKey::CannotTakeFourSteps);
        }
        $pulls = $manoeuvre->provocation >= self::PROVOKING || \in_array($manoeuvre->family, self::PULLING, true);
        if ($pulls && $this->isUrgent) {
            return true;
        }

        return $manoeuvre->provocation >= self::PROVOKING && $this->isSwollen
            && ! \in_array($manoeuvre, $this->coreSet, true);
    }

    private function wayAgain(Manoeuvre $manoeuvre): ?Sentence
    {
        foreach ($this->bearings->results->today->results as $result) {
            if ($result->reading->record?->manoeuvre === $manoeuvre && $result->exclusion !== null) {
                return SecondTry::way($result->exclusion);
            }
        }

        return null;
    }

    private function isWorthDoing(Manoeuvre $manoeuvre, NextTest $test): bool
    {
        foreach ($this->bearings->verdicts as $verdict) {
            if (
                $verdict->condition->isLigament()
                && $verdict->posttest() >= self::NEARLY_CERTAIN
                && $this->isAboutPain($manoeuvre)
            ) {
                return false;
            }
        }

        return $test->value >= self::WORTH || $this->movesSomethingSerious($test);
    }

    private function isAboutPain(Manoeuvre $manoeuvre): bool
    {
        $aims = array_map($this->bearings->signs->ownTestOf(...), $manoeuvre->feeds);

        return \in_array(Condition::PatellofemoralPain, $aims, true);
    }

    private function movesSomethingSerious(NextTest $test): bool
    {
        foreach ($this->bearings->verdicts as $k => $verdict) {
            if ($verdict->seriousness < self::SERIOUS || ! $verdict->tested) {
                continue;
            }
            $zone = $verdict->chance->zone;
            $ways = [
                [$test->chancePositive, $test->ifPositive[$k]],
                [1 - $test->chancePositive, $test->ifNegative[$k]],
            ];
            foreach ($ways as [$chance, $after]) {
                if ($chance >= self::LEAST_CHANCE && $verdict->thresholds->zone($after) !== $zone) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array<Manoeuvre>  $core
     * @return list<Manoeuvre> as listed, but prone last on the day of the injury
     */
    private function ordered(array $core): array
    {
        $prone = $this->bearings->examination->daysSinceInjury === 0
            ? array_filter(
                $core,
                static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->station === Station::Prone,
            ) : [];

        return array_values([
            ...array_filter($core, static fn (Manoeuvre $manoeuvre): bool => ! \in_array($manoeuvre, $prone, true)),
            ...$prone,
        ]);
    }

    /**
     * @return array{int, float, float, string} smallest first
     */
    private function rank(Manoeuvre $manoeuvre): array
    {
        $test = $this->worth[$manoeuvre->id];
        $hurried = $this->bearings->examination->isOnTouchline() || $this->bearings->examination->timeLimitMin !== null;
        $lying = $this->bearings->examination->daysSinceInjury === 0 && $manoeuvre->station === Station::Prone ? 1 : 0;

        return $hurried
            ? [$lying, -$test->valuePerMinute(), -$test->bitsPerMinute(), $manoeuvre->id]
            : [$lying, -$test->value, -$test->bits, $manoeuvre->id];
    }

    /**
     * What a positive, such as a sag, asks for next: taken out of the rest and put first.
     *
     * @param  list<Manoeuvre>  $core
     * @param  array<Manoeuvre>  $further
     * @return list<Manoeuvre>
     */
    private function askedFor(array &$core, array &$further): array
    {
        $asked = array_values(array_filter(
            $this->catalogue->manoeuvres,
            fn (Manoeuvre $manoeuvre): bool => $this->bearings->positive(...$manoeuvre->names(ManoeuvreTrait::DueAfter))
                && $this->isDue($manoeuvre),
        ));
        $others = static fn (Manoeuvre $manoeuvre): bool => ! \in_array($manoeuvre, $asked, true);
        [$core, $further] = [array_values(array_filter($core, $others)), array_filter($further, $others)];

        return $asked;
    }

    /**
     * @return list<Suggestion>
     */
    private function questions(): array
    {
        $questions = [];
        if (! $this->bearings->gate->open) {
            $questions[] = new Suggestion(Suggestion::ANSWER_GATE, null, null, match (true) {
                $this->bearings->gate->unasked !== [] => new Sentence('next_test.safety_check'),
                $this->bearings->examination->dayIsMissing => new Sentence('next_test.day'),
                default => new Sentence('next_test.age'),
            });
        }
        if ($this->bearings->examination->history->isEmpty()) {
            $questions[] = new Suggestion(
                Suggestion::ASK_STORY,
                null,
                null,
                new Sentence('next_test.history'),
            );
        }

        return $questions;
    }

    private function suggest(Manoeuvre $manoeuvre): Suggestion
    {
        $test = $this->worth[$manoeuvre->id] ?? null;
        $again = $this->bearings->examination->hurt($manoeuvre->id) === null ? null : $this->wayAgain($manoeuvre);
        $why = match (true) {
            $again !== null => new Sentence('next_test.repeat', ['way' => $again]),
            $this->fading->of($manoeuvre) !== null => $this->fading->of($manoeuvre),
            $test !== null => $this->swing($test),
            default => new Sentence('next_test.core_set'),
        };

        return new Suggestion($test?->candidate->finding->id, $manoeuvre->id, $test, $why);
    }

    /** The condition whose chance would swing furthest, with both ways it could go. */
    private function swing(NextTest $test): Sentence
    {
        $furthest = 0;
        $swing = -1.0;
        foreach ($this->weighed->conditions as $k => $_) {
            $way = \abs($test->ifPositive[$k] - $test->ifNegative[$k]);
            if ($way > $swing) {
                [$furthest, $swing] = [$k, $way];
            }
        }
        $now = $this->weighed->conditions[$furthest];
        $name = Condition::from($now->id)->label();
        $in = InHundred::of(...);

        return new Sentence('next_test.swing', [
            'condition' => $name, 'now' => $in($now->posttest),
            'positive' => $in($test->ifPositive[$furthest]), 'negative' => $in($test->ifNegative[$furthest]),
        ]);
    }
}
