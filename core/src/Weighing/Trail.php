<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

use function abs;
use function array_map;
use function count;
use function log;

/** The way from base rates to today's chances, one result at a time in the order done. */
final class Trail
{
    private const NO_WEIGHT = 1e-12;

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, float> */
    private array $states;

    /** @var array<string, Group> what is weighed so far, by group */
    private array $groups = [];

    private function __construct(private readonly Problem $problem)
    {
        $this->states = Belief::given($problem)->states;
    }

    /**
     * @param  list<Result>  $results  in the order done
     * @return list<Step> for every result, a step for each condition that it has a row for
     */
    public static function of(Problem $problem, array $results): array
    {
        $echo = [];
        foreach ($problem->groups as $group) {
            foreach ($group->results as $result) {
                $echo[$result->finding->id] = new Group($group->id, $group->echo, []);
            }
        }
        $trail = new self($problem);
        foreach ($results as $result) {
            $trail->take($result, $echo[$result->finding->id]);
        }

        return $trail->steps;
    }

    private function take(Result $result, Group $empty): void
    {
        $before = [];
        foreach ($result->finding->rows as $row) {
            $before[] = $this->odds($row->condition);
        }
        $group = $this->groups[$empty->id] ?? $empty;
        $this->multiply((new GroupLikelihood($group))->changeBy([$result->finding], $result->outcome));
        $this->groups[$empty->id] = new Group($group->id, $group->echo, [...$group->results, $result]);
        foreach ($result->finding->rows as $position => $row) {
            $this->steps[] = self::step($result, $row, $before[$position], $this->odds($row->condition));
        }
    }

    private static function step(Result $result, Row $row, float $before, float $after): Step
    {
        $published = $row->ratio($result->outcome);
        $applied = $after / $before;
        $shared = count($result->finding->rows) > 1 || abs(log($published)) < self::NO_WEIGHT;

        return new Step(
            $row->condition,
            $result,
            $before / (1 + $before),
            $after / (1 + $after),
            $published,
            $applied,
            $shared ? null : 1 - log($applied) / log($published),
        );
    }

    private function odds(int $condition): float
    {
        [$absent, $present] = array_map(array_sum(...), StateSet::split($this->states, $condition));

        return $present / $absent;
    }

    private function multiply(Factor $change): void
    {
        $factors = array_map(exp(...), $change->log);
        $states = $this->states;
        $total = 0.0;
        foreach (StateSet::projection((1 << count($this->problem->conditions)) - 1, $change->mask) as $state => $local) {
            $total += $states[$state] *= $factors[$local];
        }
        foreach ($states as $state => $chance) {
            $states[$state] = $chance / $total;
        }
        $this->states = $states;
    }
}
