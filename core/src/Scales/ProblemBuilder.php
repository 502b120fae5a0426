<?php

declare(strict_types=1);

namespace GrayCompass\Core\Scales;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\LevelFactors;
use GrayCompass\Core\Evidence\Libraries;
use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Evidence\References;
use GrayCompass\Core\Evidence\SettingRates;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\KnownResults;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome as Weighed;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\States\Belief;
use LogicException;
use WeakMap;

/**
 * Puts one examination on the scales: base rates of its setting, counted results, tests still to do.
 * Times are working estimates.
 *
 * @internal
 */
final class ProblemBuilder
{
    /** What turning over or sitting up costs, in minutes. */
    public const CHANGE_OF_POSITION_MIN = 0.5;

    /** @var array<string, int> condition id to position */
    private readonly array $positions;

    /** @var array<string, Finding> by sign and level */
    private array $findings = [];

    private readonly BaseProblem $base;

    /** @var WeakMap<SettledResult, WeighedResult> those on the scales once are asked for again by the trail */
    private readonly WeakMap $weighed;

    public function __construct(
        private readonly Priors $priors,
        private readonly EvidenceLibrary $evidence,
        private readonly Libraries $libraries,
        private readonly References $references,
        private readonly LevelFactors $levels,
        private readonly BaseStates $baseStates,
    ) {
        $this->base = new BaseProblem($priors);
        $this->positions = array_flip(array_column(Condition::cases(), 'value'));
        $this->weighed = new WeakMap;
    }

    /**
     * @param  list<array{string, Manoeuvre}>  $open  signs still to be had, with the manoeuvre that gives each
     */
    public function build(KneeExamination $examination, SettledResults $results, array $open): Problem
    {
        $here = $examination->records === []
            ? Station::FirstLook
            : $examination->records[\count($examination->records) - 1]->manoeuvre->station;

        return new Problem(
            $this->base->conditions(
                $this->rates($examination),
                ...array_filter(
                    Condition::cases(),
                    static fn (Condition $condition): bool => $examination->known->oldTear($condition) !== null,
                ),
            ),
            $this->base->associations(),
            $this->grouped([
                ...array_map($this->weighed(...), $results->counting()),
                ...$this->looks($examination->known),
            ]),
            array_map(fn (array $pair): Candidate => $this->candidate($pair[0], $pair[1], $here), $open),
        );
    }

    /** What is believed of this knee before any result; null where a tear from before is given, which no setting knows. */
    public function before(KneeExamination $examination): ?Belief
    {
        return $examination->known->hasOldTear() ? null : $this->baseStates->of($this->rates($examination));
    }

    private function rates(KneeExamination $examination): SettingRates
    {
        return $this->priors->rates($examination->setting, $examination->ageYears);
    }

    /** A result on the scales, with the figures of the phase in which it was found. */
    public function weighed(SettledResult $settled): WeighedResult
    {
        return $this->weighed[$settled] ??= $this->onTheScales($settled);
    }

    private function onTheScales(SettledResult $settled): WeighedResult
    {
        $reading = $settled->reading;
        $levelled = $reading->level !== null && $this->levels->has($reading->sign);

        return new WeighedResult(
            new Result(
                $this->finding($settled, $reading->level, $reading->halfWeight),
                $reading->outcome === Outcome::Positive ? Weighed::Positive : Weighed::Negative,
                $levelled ? $this->finding($settled) : null,
            ),
            $this->groupOf($reading->sign),
        );
    }

    /**
     * Scans and looks inside the joint in this episode, each in a group of its own: for every condition the one that
     * counts.
     *
     * @return list<WeighedResult>
     */
    public function looks(KnownResults $known): array
    {
        $weighed = [];
        foreach (Condition::cases() as $condition) {
            $look = $known->look($condition);
            $id = $look === null ? null : $this->references->finding($look->by, $condition);
            $row = $id === null ? null : $this->references->row($id);
            if ($look !== null && $id !== null && $row !== null) {
                $weighed[] = new WeighedResult(
                    new Result(
                        $this->findings[$id] ??= new Finding($id, [$this->row($row, $this->priors->spread($row->quality))]),
                        $look->shows($condition) === true ? Weighed::Positive : Weighed::Negative,
                    ),
                    new Group("alone_{$id}", 0.0, []),
                );
            }
        }

        return $weighed;
    }

    /** The group that a sign belongs to, still empty. */
    private function groupOf(string $sign): Group
    {
        $group = $this->priors->groupOf($sign);

        return new Group($group->id, $group->echo, []);
    }

    /**
     * @param  list<WeighedResult>  $results
     * @return list<Group> in the order of the shipped groups
     */
    private function grouped(array $results): array
    {
        $members = [];
        foreach ($results as $weighed) {
            $members[$weighed->group->id][] = $weighed->result;
        }
        $groups = [];
        foreach ($this->priors->groups as $group) {
            if (isset($members[$group->id])) {
                $groups[] = new Group($group->id, $group->echo, $members[$group->id]);
                unset($members[$group->id]);
            }
        }
        foreach ($members as $id => $alone) {
            $groups[] = new Group((string) $id, 0.0, $alone);
        }

        return $groups;
    }

    private function candidate(string $finding, Manoeuvre $manoeuvre, Station $here): Candidate
    {
        $group = $this->priors->groupOf($finding);
        $move = $manoeuvre->station === $here ? 0.0 : self::CHANGE_OF_POSITION_MIN;

        return new Candidate(
            $this->newest($finding),
            $group->id,
            $group->echo,
            round($manoeuvre->minutes + $move, 2),
        );
    }

    private function finding(SettledResult $settled, ?Level $level = null, bool $halfWeight = false): Finding
    {
        $sign = $settled->reading->sign;
        $id = $settled->weighedAs();
        if ($settled->visit === null) {
            return $this->newest($sign, $level, $halfWeight);
        }
        $rows = $this->libraries->for($settled->visit->examination())->rows($sign);

        return $this->findings[self::key($id, $level, $halfWeight)]
            ??= $this->newFinding($id, $sign, $rows, $level, $halfWeight);
    }

    /** By the figures of today's phase. */
    private function newest(string $sign, ?Level $level = null, bool $halfWeight = false): Finding
    {
        return $this->findings[self::key($sign, $level, $halfWeight)]
            ??= $this->newFinding($sign, $sign, $this->evidence->rows($sign), $level, $halfWeight);
    }

    private static function key(string $id, ?Level $level, bool $halfWeight): string
    {
        return "{$id} {$level?->value}".($halfWeight ? 'half' : '');
    }

    /**
     * @param  list<EvidenceRow>  $shipped
     */
    private function newFinding(string $id, string $sign, array $shipped, ?Level $level, bool $halfWeight): Finding
    {
        $levelled = $level !== null && $this->levels->has($sign);
        $rows = array_map(function (EvidenceRow $row) use ($sign, $level, $levelled, $halfWeight): Row {
            $row = $halfWeight ? $row->atHalfWeight() : $row;
            if ($levelled) {
                $row = $row->atFalsePositives($this->levels->factor($sign, $level));
            }

            return $this->row($row, $levelled ? LevelFactors::SPREAD : $this->priors->spread($row->quality));
        }, $shipped);

        return $rows === [] ? throw new LogicException("Finding {$sign} has no figures.") : new Finding($id, $rows);
    }

    /**
     * @param  float  $spread  between clinics, on the logit scale
     */
    private function row(EvidenceRow $row, float $spread): Row
    {
        return new Row(
            $this->positions[$row->target->value],
            new Rate($row->sensitivity, $row->sensitivityInterval, $spread),
            new Rate($row->specificity, $row->specificityInterval, $spread),
            $spread,
        );
    }
}
