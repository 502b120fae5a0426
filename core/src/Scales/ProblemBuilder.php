<?php

declare(strict_types=1);

namespace GrayCompass\Core\Scales;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\LevelFactors;
use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome as Weighed;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\WeighedCondition;
use LogicException;

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

    public function __construct(
        private readonly Priors $priors,
        private readonly EvidenceLibrary $evidence,
        private readonly LevelFactors $levels,
    ) {
        $this->positions = array_flip(array_column(Condition::cases(), 'value'));
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
            $this->conditions($examination),
            $this->associations(),
            $this->grouped(array_map($this->result(...), $results->counting())),
            array_map(fn (array $pair): Candidate => $this->candidate($pair[0], $pair[1], $here), $open),
        );
    }

    public function result(Reading $reading): Result
    {
        $levelled = $reading->level !== null && $this->levels->has($reading->sign);

        return new Result(
            $this->finding($reading->sign, $reading->level, $reading->halfWeight),
            $reading->outcome === Outcome::Positive ? Weighed::Positive : Weighed::Negative,
            $levelled ? $this->finding($reading->sign) : null,
        );
    }

    /** The group that a finding belongs to, still empty. */
    public function groupOf(string $finding): Group
    {
        $group = $this->priors->groupOf($finding);

        return new Group($group->id, $group->echo, []);
    }

    /**
     * @param  list<Result>  $results
     * @return list<Group> in the order of the shipped groups
     */
    private function grouped(array $results): array
    {
        $members = [];
        foreach ($results as $result) {
            $members[$this->priors->groupOf($result->finding->id)->id][] = $result;
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

    /**
     * @return list<WeighedCondition>
     */
    private function conditions(KneeExamination $examination): array
    {
        $rates = $this->priors->rates($examination->setting, $examination->ageYears);

        return array_map(fn (Condition $condition): WeighedCondition => new WeighedCondition(
            $condition->value,
            $rates->rate($condition),
            $rates->weight,
            new Thresholds(...$this->priors->thresholds($condition)),
            $this->priors->seriousness($condition),
        ), Condition::cases());
    }

    /**
     * @return list<Association>
     */
    private function associations(): array
    {
        $associations = [];
        foreach ($this->priors->pairings as $pairing) {
            $ends = [$this->positions[$pairing->one->value], $this->positions[$pairing->other->value]];
            $associations[] = new Association(\min($ends), \max($ends), $pairing->oddsRatio);
        }

        return $associations;
    }

    private function candidate(string $finding, Manoeuvre $manoeuvre, Station $here): Candidate
    {
        $group = $this->priors->groupOf($finding);
        $move = $manoeuvre->station === $here ? 0.0 : self::CHANGE_OF_POSITION_MIN;

        return new Candidate($this->finding($finding), $group->id, $group->echo, round($manoeuvre->minutes + $move, 2));
    }

    private function finding(string $id, ?Level $level = null, bool $halfWeight = false): Finding
    {
        $weight = $halfWeight ? 'half' : '';

        return $this->findings["{$id} {$level?->value}{$weight}"] ??= $this->newFinding($id, $level, $halfWeight);
    }

    private function newFinding(string $id, ?Level $level, bool $halfWeight): Finding
    {
        $levelled = $level !== null && $this->levels->has($id);
        $rows = array_map(function (EvidenceRow $row) use ($id, $level, $levelled, $halfWeight): Row {
            $row = $halfWeight ? $row->atHalfWeight() : $row;
            if ($levelled) {
                $row = $row->atFalsePositives($this->levels->factor($id, $level));
            }
            $spread = $levelled ? LevelFactors::SPREAD : $this->priors->spread($row->quality);

            return new Row(
                $this->positions[$row->target->value],
                new Rate($row->sensitivity, $row->sensitivityInterval, $spread),
                new Rate($row->specificity, $row->specificityInterval, $spread),
                $spread,
            );
        }, $this->evidence->rows($id));

        return $rows === [] ? throw new LogicException("Finding {$id} has no figures.") : new Finding($id, $rows);
    }
}
