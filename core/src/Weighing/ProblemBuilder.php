<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\Baseline;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Reading;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Standing\Standing;
use LogicException;

/** Puts one examination on the scales: base rates of its setting, counted results, tests still to do. */
final class ProblemBuilder
{
    /** What turning over or sitting up costs, in minutes. */
    public const CHANGE_OF_POSITION_MIN = 0.5;

    /** @var array<string, int> condition id to position */
    private readonly array $positions;

    /** @var array<string, Finding> */
    private array $findings = [];

    public function __construct(private readonly Baseline $baseline, private readonly EvidenceLibrary $evidence)
    {
        $this->positions = array_flip(array_column(Condition::cases(), 'value'));
    }

    /**
     * @param  list<string>  $blocked  manoeuvres that are off limits
     */
    public function build(Examination $examination, Standing $standing, array $blocked, Catalogue $catalogue): Problem
    {
        $results = array_map($this->result(...), $standing->counting());

        return new Problem(
            $this->conditions($examination),
            $this->associations(),
            $this->grouped($results),
            $this->candidates($examination, $standing, $blocked, $catalogue),
        );
    }

    public function result(Reading $reading): Result
    {
        return new Result($this->finding($reading->finding), $reading->sign === Sign::Positive ? Outcome::Positive : Outcome::Negative);
    }

    /** The group that a finding belongs to, still empty. */
    public function groupOf(string $finding): Group
    {
        $group = $this->baseline->groupOf($finding);

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
            $members[$this->baseline->groupOf($result->finding->id)->id][] = $result;
        }
        $groups = [];
        foreach ($this->baseline->groups as $group) {
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
    private function conditions(Examination $examination): array
    {
        $rates = $this->baseline->setting($examination->setting);

        return array_map(fn (Condition $condition): WeighedCondition => new WeighedCondition(
            $condition->value,
            $rates->rate($condition),
            $rates->weight,
            new Thresholds(...$this->baseline->thresholds($condition)),
        ), Condition::cases());
    }

    /**
     * @return list<Association>
     */
    private function associations(): array
    {
        $associations = [];
        foreach ($this->baseline->pairings as $pairing) {
            $ends = [$this->positions[$pairing->one->value], $this->positions[$pairing->other->value]];
            $associations[] = new Association(min($ends), max($ends), $pairing->oddsRatio);
        }

        return $associations;
    }

    /**
     * @param  list<string>  $blocked
     * @return list<Candidate>
     */
    private function candidates(Examination $examination, Standing $standing, array $blocked, Catalogue $catalogue): array
    {
        $here = $examination->records === [] ? Station::FirstLook : $examination->records[count($examination->records) - 1]->manoeuvre->station;
        $candidates = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            if (in_array($manoeuvre->id, $blocked, true)) {
                continue;
            }
            foreach ($manoeuvre->feeds as $finding) {
                if (! isset($candidates[$finding]) && $this->isOpen($finding, $standing)) {
                    $candidates[$finding] = $this->candidate($finding, $manoeuvre, $here);
                }
            }
        }

        return array_values($candidates);
    }

    private function isOpen(string $finding, Standing $standing): bool
    {
        return $this->evidence->rows($finding) !== []
            && $standing->counted($finding) === null
            && ($finding !== 'dial_90' || $standing->counted('dial_30') === Sign::Positive);
    }

    private function candidate(string $finding, Manoeuvre $manoeuvre, Station $here): Candidate
    {
        $group = $this->baseline->groupOf($finding);
        $move = $manoeuvre->station === $here ? 0.0 : self::CHANGE_OF_POSITION_MIN;

        return new Candidate($this->finding($finding), $group->id, $group->echo, round($manoeuvre->minutes + $move, 2));
    }

    private function finding(string $id): Finding
    {
        return $this->findings[$id] ??= $this->newFinding($id);
    }

    private function newFinding(string $id): Finding
    {
        $rows = array_map(fn (EvidenceRow $row): Row => new Row(
            $this->positions[$row->target->value],
            new Rate($row->sensitivity, $row->sensitivityInterval, $this->baseline->spread($row->quality)),
            new Rate($row->specificity, $row->specificityInterval, $this->baseline->spread($row->quality)),
            $this->baseline->spread($row->quality),
        ), $this->evidence->rows($id));

        return $rows === [] ? throw new LogicException("Finding {$id} has no figures.") : new Finding($id, $rows);
    }
}
