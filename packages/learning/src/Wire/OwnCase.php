<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Wire;

use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\WeighedCondition;
use GrayCompass\Learning\Own\Answer;
use GrayCompass\Learning\Own\BaseRate;
use GrayCompass\Learning\Own\Knee;
use GrayCompass\Learning\Own\OwnFigures;
use GrayCompass\Learning\Own\OwnRow;

/**
 * Own figures as `learning:compute` reads and writes them.
 *
 * @internal
 */
final class OwnCase
{
    private const LOOKS = ['mri', 'arthroscopy', 'operation'];

    private const SOFT_LOOKS = ['ultrasound', 'xray', 'clinical_course'];

    /** @var array<string, int<0, max>> positions of the conditions */
    private array $positions = [];

    /** @var array<string, Finding> */
    private array $findings = [];

    /** @var list<WeighedCondition> */
    private array $conditions = [];

    /** @throws Refusal naming the first wrong place */
    private function __construct(private readonly Given $input)
    {
        foreach ($input->items('conditions') as $index => $condition) {
            $id = $condition->text('id');
            isset($this->positions[$id]) && throw Refusal::at("input.conditions[{$index}].id", "condition {$id} stands twice");
            $this->positions[$id] = $index;
            $this->conditions[] = new WeighedCondition($id, (float) $condition->number('pretest'));
        }
        foreach ($input->items('findings') as $index => $finding) {
            $id = $finding->text('id');
            isset($this->findings[$id]) && throw Refusal::at("input.findings[{$index}].id", "finding {$id} stands twice");
            $this->findings[$id] = new Finding($id, $this->rows($finding->inner('targets'), "input.findings[{$index}].targets"));
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal naming the first wrong place
     */
    public static function figures(Given $input): array
    {
        $case = new self($input);
        $names = array_keys($case->positions);
        $own = OwnFigures::of(array_values($case->findings), $case->knees());
        $strength = $own->strength();

        return [
            'strength' => $strength,
            'logLikelihood' => $own->logLikelihoods(),
            'rows' => array_map(static function (OwnRow $row) use ($own, $strength, $names): array {
                $figure = $own->own($row);

                return [
                    'finding' => $row->finding,
                    'target' => $row->target === null ? 'none' : $names[$row->target],
                    'positive' => $row->counts->positive,
                    'negative' => $row->counts->negative,
                    'verified' => $row->counts->verified,
                    'published' => $row->published,
                    'priorWorth' => $row->priorWorth($strength),
                    'own' => $figure,
                    'interval' => $row->interval($strength, $figure),
                ];
            }, $case->inOrder($own->rows)),
        ];
    }

    /** @return array<string, mixed> */
    public static function rate(Given $input): array
    {
        [$sum, $knees] = [(float) $input->number('sum'), (int) $input->whole('knees')];
        $sum <= $knees || throw Refusal::at('input.sum', 'expected no more than there are knees');
        $rate = new BaseRate((float) $input->number('published'), (float) $input->number('worth'), $sum, $knees);

        return ['own' => $rate->own, 'interval' => $rate->interval];
    }

    /** @return non-empty-list<Row> */
    private function rows(Given $targets, string $path): array
    {
        $rows = [];
        foreach ($targets->names() as $condition) {
            $row = $targets->inner($condition);
            $position = $this->positions[$condition] ?? throw Refusal::at("{$path}.{$condition}", "unknown condition {$condition}");
            $rows[] = new Row($position, self::rateOf($row, 'sensitivity'), self::rateOf($row, 'specificity'), (float) $row->number('spread'));
        }

        return $rows === [] ? throw Refusal::at($path, 'expected at least one target') : $rows;
    }

    private static function rateOf(Given $row, string $which): Rate
    {
        $interval = $row->numbers("{$which}Interval");

        return new Rate(
            (float) $row->number($which),
            \count($interval) === 2 ? [$interval[0], $interval[1]] : null,
            (float) $row->number('spread'),
        );
    }

    /** @return iterable<Knee> */
    private function knees(): iterable
    {
        foreach ($this->input->items('knees') as $index => $knee) {
            $results = $outcomes = $answers = [];
            foreach ($knee->inner('results')->names() as $name) {
                $finding = $this->findings[$name]
                    ?? throw Refusal::at("input.knees[{$index}].results.{$name}", "unknown finding {$name}");
                $outcome = Outcome::from($knee->inner('results')->text($name));
                $outcomes[$name] = $outcome === Outcome::Positive;
                $results[] = new Result($finding, $outcome);
            }
            foreach ($knee->inner('reference')->names() as $name) {
                $answers[$this->positions[$name] ?? throw Refusal::at(
                    "input.knees[{$index}].reference.{$name}",
                    "unknown condition {$name}",
                )] = self::answer($knee->inner('reference')->words($name), "input.knees[{$index}].reference.{$name}");
            }
            $group = new Group('all', (float) $this->input->number('echo'), $results);
            yield new Knee(new Problem($this->conditions, [], $results === [] ? [] : [$group], []), $outcomes, $answers);
        }
    }

    /** @param  list<string>  $said */
    private static function answer(array $said, string $path): Answer
    {
        [$look, $seen] = [$said[0] ?? '', $said[1] ?? ''];
        if (! \in_array($look, [...self::LOOKS, ...self::SOFT_LOOKS], true)) {
            throw Refusal::at("{$path}[0]", 'expected one of '.implode(', ', [...self::LOOKS, ...self::SOFT_LOOKS]));
        }
        if ($seen !== 'present' && $seen !== 'absent') {
            throw Refusal::at("{$path}[1]", 'expected one of present, absent');
        }

        return new Answer(\in_array($look, self::LOOKS, true), $seen === 'present');
    }

    /**
     * Targets in the order in which the input names them, then the specificity.
     *
     * @param  list<OwnRow>  $rows
     * @return list<OwnRow>
     */
    private function inOrder(array $rows): array
    {
        $ordered = [];
        foreach ($this->input->items('findings') as $finding) {
            $id = $finding->text('id');
            $targets = [...array_map(fn (string $name): int => $this->positions[$name], $finding->inner('targets')->names()), null];
            foreach ($targets as $target) {
                foreach ($rows as $row) {
                    if ($row->finding === $id && $row->target === $target) {
                        $ordered[] = $row;
                    }
                }
            }
        }

        return $ordered;
    }
}
