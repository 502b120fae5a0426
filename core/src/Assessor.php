<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Conclusions\AlsoConsider;
use GrayCompass\Core\Conclusions\CollateralReading;
use GrayCompass\Core\Conclusions\ConditionVerdict;
use GrayCompass\Core\Conclusions\FrontGate;
use GrayCompass\Core\Conclusions\LigamentGrades;
use GrayCompass\Core\Conclusions\LookAgain;
use GrayCompass\Core\Conclusions\MistakenReading;
use GrayCompass\Core\Conclusions\Play;
use GrayCompass\Core\Conclusions\Zones;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\ExaminationReader;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Reading;
use GrayCompass\Core\Grading\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Route\Suggestions;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Remarks;
use GrayCompass\Core\Standing\ResultLines;
use GrayCompass\Core\Standing\Standing;
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

    public function assess(Examination $examination): Assessment
    {
        $catalogue = $this->data->catalogue();
        $gate = SafetyGate::of($examination, $catalogue);
        $grading = Grading::of($examination);
        $evidence = new EvidenceLibrary($this->data->evidence(), $examination->schools->evidence, $examination->phase());
        $standing = Standing::of($examination, $gate, $grading, $evidence);
        $gate = $gate->with($catalogue, ...ResultLines::of($examination, $grading, $standing));
        $builder = new ProblemBuilder($this->data->baseline(), $evidence);
        $problem = $builder->build($examination, $standing, $gate->blocked, $catalogue);
        $weighed = Weighing::of($problem);
        [$trail, $afterStory] = self::trail($problem, $builder, $standing);

        $front = FrontGate::of($examination, $standing);

        return new Assessment(
            $evidence,
            $gate,
            $grading,
            $standing,
            $weighed,
            self::verdicts($weighed, $standing, $afterStory),
            $trail->steps(),
            Suggestions::of($weighed, $catalogue),
            CollateralReading::of($standing, 'valgus'),
            CollateralReading::of($standing, 'varus'),
            $front,
            AlsoConsider::of($examination),
            Play::of($examination, $gate, $standing),
            LookAgain::of($examination, $grading, $standing, $front),
            $this->answers($problem, $builder, $standing),
            [...$grading->remarks, ...Remarks::of($examination, $standing, $evidence), ...self::disagreements($problem)],
        );
    }

    /**
     * The trail over all counted results, and the chances where the story ended.
     *
     * @return array{Trail, list<float>}
     */
    private static function trail(Problem $problem, ProblemBuilder $builder, Standing $standing): array
    {
        $trail = new Trail($problem);
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
    private function answers(Problem $problem, ProblemBuilder $builder, Standing $standing): array
    {
        $handsOn = array_values(array_filter($standing->counting(), static fn (Reading $reading): bool => $reading->record !== null));
        $results = array_map($builder->result(...), $handsOn);

        return array_values(array_filter(array_map(
            fn (Condition $condition, int $k): ?MistakenReading => MistakenReading::of($condition, $k, $problem, $results, $this->data->catalogue()),
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
            $problem->disagreements(),
        );
    }
}
