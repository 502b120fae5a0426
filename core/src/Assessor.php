<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Conclusions\AlsoConsider;
use GrayCompass\Core\Conclusions\Bearings;
use GrayCompass\Core\Conclusions\CollateralReading;
use GrayCompass\Core\Conclusions\ConditionVerdict;
use GrayCompass\Core\Conclusions\ForAthlete;
use GrayCompass\Core\Conclusions\ForCoach;
use GrayCompass\Core\Conclusions\FrontGate;
use GrayCompass\Core\Conclusions\LetterNote;
use GrayCompass\Core\Conclusions\LigamentGrades;
use GrayCompass\Core\Conclusions\MistakenReading;
use GrayCompass\Core\Conclusions\Plan;
use GrayCompass\Core\Conclusions\Words;
use GrayCompass\Core\Conclusions\Zones;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\ExaminationReader;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Route\LastTime;
use GrayCompass\Core\Route\Planner;
use GrayCompass\Core\Route\Suggestions;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Remarks;
use GrayCompass\Core\Standing\ResultLines;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Weighing\Finding;
use GrayCompass\Core\Weighing\Problem;
use GrayCompass\Core\Weighing\ProblemBuilder;
use GrayCompass\Core\Weighing\Trail;
use GrayCompass\Core\Weighing\Weighed;
use GrayCompass\Core\Weighing\Weighing;

/** The one door of the core: an examination goes in, its assessment comes out. */
final class Assessor
{
    public function __construct(private readonly ShippedData $data = new ShippedData)
    {
    }

    /**
     * @param  mixed  $document  decoded JSON, objects as objects
     *
     * @throws Refusal naming the first place that cannot be accepted
     */
    public function read(mixed $document): Examination
    {
        $examination = ExaminationReader::read($document, $this->data->catalogue());
        SafetyGate::refuseBlocked($examination);

        return $examination;
    }

    /** What an examination leaves to look at again, for the route of the next one. */
    public function lastTime(Examination $examination): LastTime
    {
        return LastTime::of($examination, $this->standing($examination)[2]);
    }

    public function assess(Examination $examination, ?LastTime $lastTime = null): Assessment
    {
        $catalogue = $this->data->catalogue();
        [$gate, $grading, $standing, $evidence] = $this->standing($examination);
        $gate = $gate->with($catalogue, ...ResultLines::of($examination, $grading, $standing));
        $builder = new ProblemBuilder($this->data->baseline(), $evidence);
        $problem = $builder->build($examination, $standing, $gate->blocked, $catalogue);
        $weighed = Weighing::of($problem);
        [$trail, $afterStory] = self::trail($weighed, $builder, $standing);
        $suggestions = Suggestions::of($weighed, $catalogue);
        $verdicts = self::verdicts($weighed, $standing, $afterStory);
        $bearings = new Bearings($examination, $gate, $grading, $standing, $verdicts);
        $front = FrontGate::of($examination, $standing);
        $plan = Plan::of($bearings, $front, $evidence);

        return new Assessment(
            $evidence,
            $gate,
            $grading,
            $standing,
            $weighed,
            $verdicts,
            $trail->steps(),
            (new Planner($catalogue, $evidence))->plan($examination, $gate->blocked, $suggestions, $lastTime),
            $suggestions,
            CollateralReading::of($standing, 'valgus'),
            CollateralReading::of($standing, 'varus'),
            $front,
            AlsoConsider::of($examination),
            $plan,
            new Words(
                (new ForAthlete($bearings, $plan))->text(),
                ForCoach::text($bearings, $plan),
                (new LetterNote($bearings, $plan))->text(),
            ),
            $this->answers($problem),
            [...$grading->remarks, ...Remarks::of($examination, $standing, $evidence), ...self::disagreements($problem)],
        );
    }

    /**
     * The steps up to what counts.
     *
     * @return array{SafetyGate, Grading, Standing, EvidenceLibrary}
     */
    private function standing(Examination $examination): array
    {
        $gate = SafetyGate::of($examination, $this->data->catalogue());
        $grading = Grading::of($examination);
        $evidence = new EvidenceLibrary($this->data->evidence(), $examination->schools->evidence, $examination->phase());

        return [$gate, $grading, Standing::of($examination, $gate, $grading, $evidence), $evidence];
    }

    /**
     * The trail over all counted results, and the chances where the story ended.
     *
     * @return array{Trail, list<float>}
     */
    private static function trail(Weighed $weighed, ProblemBuilder $builder, Standing $standing): array
    {
        $trail = new Trail($weighed->before);
        $afterStory = null;
        foreach ($standing->counting() as $reading) {
            if ($reading->record !== null) {
                $afterStory ??= $trail->chances();
            }
            $trail->take($builder->result($reading), $builder->groupOf($reading->finding));
        }

        return [$trail, $afterStory ?? $trail->chances()];
    }

    /**
     * @param  list<float>  $afterStory
     * @return list<ConditionVerdict>
     */
    private static function verdicts(Weighed $weighed, Standing $standing, array $afterStory): array
    {
        return array_map(static function (Condition $condition, int $k) use ($weighed, $standing, $afterStory): ConditionVerdict {
            $chance = $weighed->conditions[$k];
            [$tested, $unsettled] = [$standing->isTested($condition), $standing->isUnsettled($condition)];
            $zone = Zones::of($chance, $weighed->problem->conditions[$k]->thresholds, $tested, $unsettled);

            return new ConditionVerdict($condition, $chance, $afterStory[$k], $zone, $tested, $unsettled, LigamentGrades::of($condition, $standing));
        }, Condition::cases(), array_keys(Condition::cases()));
    }

    /**
     * @return list<MistakenReading>
     */
    private function answers(Problem $problem): array
    {
        $name = fn (string $finding): string => $this->data->catalogue()->feeding($finding)?->card->name ?? $finding;

        return array_values(array_filter(array_map(
            static fn (Condition $condition, int $k): ?MistakenReading => MistakenReading::of($problem, $k, $condition->label(), $name),
            Condition::cases(),
            array_keys(Condition::cases()),
        )));
    }

    /**
     * @return list<Remark>
     */
    private static function disagreements(Problem $problem): array
    {
        return array_map(
            static fn (string $id): Remark => new Remark('tests_disagree', 'Tests of the '.Condition::from($id)->label().' disagree: do both again.'),
            // What was told cannot be done again.
            $problem->disagreements(static fn (Finding $finding): bool => ! str_starts_with($finding->id, 'story_')),
        );
    }
}
