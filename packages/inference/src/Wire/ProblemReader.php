<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Document\Faults;
use GrayCompass\Document\Fields;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\WeighedCondition;

/** Reads the input of `weigh:combine` and refuses what cannot be weighed. */
final class ProblemReader
{
    public const MOST_CONDITIONS = 12;

    public const MOST_GROUPS = 40;

    public const MOST_RESULTS = 200;

    public const MOST_CANDIDATES = 200;

    public const MOST_WEIGHT = 10.0;

    /** @var array<string, int> condition id to position */
    private array $conditions = [];

    /** @var array<string, true> findings already met, done or candidate */
    private array $done = [];

    private int $results = 0;

    private function __construct(private readonly Faults $faults)
    {
    }

    /** @throws Refusal naming the first wrong place */
    public static function read(mixed $document): Problem
    {
        return SoundProblem::read($document) ?? self::carefully($document);
    }

    /**
     * Key by key, with every fault noted.
     *
     * @internal
     *
     * @throws Refusal naming the first wrong place
     */
    public static function carefully(mixed $document): Problem
    {
        $faults = new Faults($document);
        $problem = (new self($faults))->problem($document);
        $faults->refuse();

        return $problem;
    }

    private function problem(mixed $document): Problem
    {
        $fields = new Fields($document, '', $this->faults, ['conditions'], ['associations', 'groups', 'candidates']);
        $conditions = [];
        foreach ($fields->items('conditions', self::MOST_CONDITIONS) as $index => $item) {
            $conditions[] = $this->condition($fields->item(
                'conditions',
                $index,
                $item,
                ['id', 'pretest'],
                ['pretestWeight', 'thresholds', 'weight'],
            ));
        }
        if ($fields->has('conditions') && $fields->raw('conditions') === []) {
            $fields->fault('conditions', 'expected at least one condition');
        }

        $associations = AssociationReader::read($fields, $this->conditions, self::MOST_CONDITIONS);
        $groups = $this->groups($fields);

        return new Problem($conditions, $associations, $groups, $this->candidates($fields, $groups));
    }

    private function condition(Fields $fields): WeighedCondition
    {
        $id = $fields->text('id', 1, 100);
        if (isset($this->conditions[$id])) {
            $fields->fault('id', "condition {$id} stands twice");
        }
        $this->conditions[$id] ??= \count($this->conditions);
        $pretest = $this->chance($fields, 'pretest');
        $weight = $fields->has('pretestWeight') ? $fields->number('pretestWeight') : null;
        if ($weight !== null && $weight <= 0 && is_numeric($fields->raw('pretestWeight'))) {
            $fields->fault('pretestWeight', 'expected more than 0 knees');
        }

        return new WeighedCondition(
            $id,
            $pretest,
            $weight,
            $fields->has('thresholds') ? $this->thresholds($fields) : new Thresholds,
            self::seriousness($fields),
        );
    }

    private static function seriousness(Fields $fields): float
    {
        if (! $fields->has('weight')) {
            return 1.0;
        }
        $weight = $fields->number('weight');
        if (is_numeric($fields->raw('weight')) && ($weight <= 0 || $weight > self::MOST_WEIGHT)) {
            $fields->fault('weight', 'expected more than 0, at most 10');
        }

        return $weight;
    }

    private function thresholds(Fields $condition): Thresholds
    {
        $fields = $condition->inner('thresholds', ['ruleOut', 'act']);
        $ruleOut = $this->chance($fields, 'ruleOut');
        $act = $this->chance($fields, 'act');
        if ($fields->has('ruleOut') && $fields->has('act') && $ruleOut >= $act) {
            $fields->fault('ruleOut', 'expected less than act');
        }

        return new Thresholds($ruleOut, $act);
    }

    /**
     * @return list<Group>
     */
    private function groups(Fields $fields): array
    {
        $groups = $ids = [];
        foreach ($fields->items('groups', self::MOST_GROUPS) as $index => $item) {
            $entry = $fields->item('groups', $index, $item, ['id', 'echo', 'results']);
            $id = $entry->text('id', 1, 100);
            if (isset($ids[$id]) && $entry->has('id')) {
                $entry->fault('id', "group {$id} stands twice");
            }
            $ids[$id] = true;
            $echo = $this->echo($entry);
            $results = [];
            foreach ($entry->items('results', self::MOST_RESULTS) as $at => $inner) {
                $result = $entry->item('results', $at, $inner, ['finding', 'outcome', 'targets']);
                $finding = $this->finding($result);
                if (++$this->results === self::MOST_RESULTS + 1) {
                    $result->fault('finding', 'more than '.self::MOST_RESULTS.' results');
                }
                $outcome = Outcome::from($result->word('outcome', array_column(Outcome::cases(), 'value')));
                if ($finding !== null) {
                    $results[] = new Result($finding, $outcome);
                }
            }
            $groups[] = new Group($id, $echo, $results);
        }

        return $groups;
    }

    /**
     * @param  list<Group>  $groups
     * @return list<Candidate>
     */
    private function candidates(Fields $fields, array $groups): array
    {
        $echoes = [];
        foreach ($groups as $group) {
            $echoes[$group->id] = $group->echo;
        }
        $candidates = [];
        foreach ($fields->items('candidates', self::MOST_CANDIDATES) as $index => $item) {
            $entry = $fields->item('candidates', $index, $item, ['finding', 'group', 'echo', 'minutes', 'targets']);
            $finding = $this->finding($entry);
            $group = $entry->text('group', 1, 100);
            $echo = $this->echo($entry);
            $echoes[$group] ??= $echo;
            if ($entry->has('echo') && $echoes[$group] !== $echo) {
                $entry->fault('echo', "group {$group} has another echo");
            }
            $minutes = $entry->number('minutes');
            if (is_numeric($entry->raw('minutes')) && $minutes <= 0) {
                $entry->fault('minutes', 'expected more than 0 minutes');
            }
            if ($finding !== null) {
                $candidates[] = new Candidate($finding, $group, $echo, $minutes);
            }
        }

        return $candidates;
    }

    /** A finding may stand once, whether done or still to do. */
    private function finding(Fields $entry): ?Finding
    {
        $id = $entry->text('finding', 1, 100);
        if (isset($this->done[$id]) && $entry->has('finding')) {
            $entry->fault('finding', "finding {$id} stands twice");
        }
        $this->done[$id] = true;
        $rows = RowReader::rows($entry, $this->conditions);

        return $rows === [] ? null : new Finding($id, $rows);
    }

    private function echo(Fields $fields): float
    {
        $echo = $fields->number('echo');
        if ($echo < 0 || $echo >= 1) {
            $fields->fault('echo', 'expected at least 0 and less than 1');
        }

        return $echo;
    }

    private function chance(Fields $fields, string $key): float
    {
        $chance = $fields->number($key);
        if (is_numeric($fields->raw($key)) && is_finite((float) $fields->raw($key)) && ($chance <= 0 || $chance >= 1)) {
            $fields->fault($key, 'expected a chance between 0 and 1, neither included');
        }

        return $chance;
    }
}
