<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Path;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Inference\Model\Problem;
use LogicException;

/** Reads the input of `weigh:combine` and refuses what cannot be weighed. */
final class ProblemReader
{
    private static ?Fields $shape = null;

    /** @var array<string, true> condition ids */
    private array $conditions = [];

    /** @var array<string, true> findings already met, done or candidate */
    private array $findings = [];

    /** @var array<string, float|null> group id to its echo */
    private array $echoes = [];

    private int $results = 0;

    private function __construct(private readonly Faults $faults)
    {
    }

    /** @throws Refusal naming the first wrong place */
    public static function read(mixed $document): Problem
    {
        $problem = SoundProblem::read($document);
        if ($problem === null) {
            self::refuse($document);
            throw new LogicException('An input without a fault was not taken.');
        }

        return $problem;
    }

    /**
     * Names what is wrong with an input, if anything is.
     *
     * @internal
     *
     * @throws Refusal naming the first wrong place
     */
    public static function refuse(mixed $document): void
    {
        $faults = new Faults($document);
        (self::$shape ??= ProblemShape::whole())->check($document, '', $faults);
        (new self($faults))->bind(Given::in($document));
        $faults->refuse();
    }

    /** What binds distant places together. */
    private function bind(Given $document): void
    {
        foreach ($document->items('conditions') as $index => $condition) {
            $this->condition($condition, Path::index('conditions', $index));
        }
        $pairs = [];
        foreach ($document->items('associations') as $index => $association) {
            $pairs[] = $this->association($association, Path::index('associations', $index), $pairs);
        }
        foreach ($document->items('groups') as $index => $group) {
            $this->group($group, Path::index('groups', $index));
        }
        foreach ($document->items('candidates') as $index => $candidate) {
            $this->candidate($candidate, Path::index('candidates', $index));
        }
    }

    private function condition(Given $condition, string $path): void
    {
        $id = $condition->text('id');
        if (isset($this->conditions[$id]) && $id !== '') {
            $this->fault("{$path}.id", "condition {$id} stands twice");
        }
        $this->conditions[$id] = true;
        $thresholds = $condition->inner('thresholds');
        [$ruleOut, $act] = [$thresholds->number('ruleOut'), $thresholds->number('act')];
        if ($ruleOut !== null && $act !== null && $ruleOut >= $act) {
            $this->fault("{$path}.thresholds.ruleOut", 'expected less than act');
        }
    }

    /**
     * @param  list<list<string>>  $earlier
     * @return list<string> the pair, in order
     */
    private function association(Given $association, string $path, array $earlier): array
    {
        $pair = $association->words('between');
        foreach ($pair as $end => $id) {
            if (! isset($this->conditions[$id])) {
                $this->fault(Path::index("{$path}.between", $end), "unknown condition {$id}");

                return [];
            }
        }
        sort($pair);
        if (\count($pair) === 2 && $pair[0] === $pair[1]) {
            $this->fault("{$path}.between", 'a condition cannot go with itself');
        } elseif (\count($pair) === 2 && \in_array($pair, $earlier, true)) {
            $this->fault("{$path}.between", 'this pair stands twice');
        }

        return $pair;
    }

    private function group(Given $group, string $path): void
    {
        $id = $group->text('id');
        if (\array_key_exists($id, $this->echoes) && $id !== '') {
            $this->fault("{$path}.id", "group {$id} stands twice");
        }
        $this->echoes[$id] = $group->number('echo');
        foreach ($group->items('results') as $index => $result) {
            $place = Path::index("{$path}.results", $index);
            $this->finding($result, $place);
            if (++$this->results === ProblemShape::MOST_RESULTS + 1) {
                $this->fault("{$place}.finding", 'more than '.ProblemShape::MOST_RESULTS.' results');
            }
        }
    }

    private function candidate(Given $candidate, string $path): void
    {
        $this->finding($candidate, $path);
        [$group, $echo] = [$candidate->text('group'), $candidate->number('echo')];
        $this->echoes[$group] ??= $echo;
        if ($echo !== null && $this->echoes[$group] !== $echo) {
            $this->fault("{$path}.echo", "group {$group} has another echo");
        }
    }

    /** A finding may stand once, whether done or still to do. */
    private function finding(Given $entry, string $path): void
    {
        $id = $entry->text('finding');
        if (isset($this->findings[$id]) && $id !== '') {
            $this->fault("{$path}.finding", "finding {$id} stands twice");
        }
        $this->findings[$id] = true;
        foreach (['targets', 'otherwise'] as $key) {
            $this->targets($entry->inner($key), "{$path}.{$key}");
        }
    }

    private function targets(Given $targets, string $path): void
    {
        foreach ($targets->names() as $condition) {
            $place = Path::key($path, $condition);
            if (! isset($this->conditions[$condition])) {
                $this->fault($place, "unknown condition {$condition}");
            }
            $figures = $targets->inner($condition);
            foreach (['sensitivity', 'specificity'] as $rate) {
                $this->interval(
                    $figures->number($rate),
                    $figures->numbers("{$rate}Interval"),
                    "{$place}.{$rate}Interval",
                    $rate,
                );
            }
        }
    }

    /**
     * @param  list<float>  $ends
     */
    private function interval(?float $rate, array $ends, string $path, string $of): void
    {
        if ($rate !== null && \count($ends) === 2 && ($ends[0] > $rate || $rate > $ends[1] || $ends[0] >= $ends[1])) {
            $this->fault($path, "expected an interval around the {$of}");
        }
    }

    private function fault(string $path, string $reason): void
    {
        $this->faults->add(FaultKind::Value, $path, $reason);
    }
}
