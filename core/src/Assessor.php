<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Assessed\Judged;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Fading;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\SendOn;
use GrayCompass\Core\Results\Remarks;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Results\Unsettled;
use GrayCompass\Core\Route\Candidates;
use GrayCompass\Core\Route\LastTime;
use GrayCompass\Core\Route\NextSteps;
use GrayCompass\Core\Route\Planner;
use GrayCompass\Core\Safety\Blood;
use GrayCompass\Core\Safety\Holds;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Scales\ProblemBuilder;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\CollateralReading;
use GrayCompass\Core\Verdict\Conclusions;
use GrayCompass\Core\Verdict\Disagreements;
use GrayCompass\Core\Verdict\FrontGate;
use GrayCompass\Core\Verdict\Guarded;
use GrayCompass\Core\Verdict\Loose;
use GrayCompass\Core\Verdict\MistakenReading;
use GrayCompass\Core\Verdict\Readings;
use GrayCompass\Core\Verdict\ResultLines;
use GrayCompass\Core\Verdict\VerdictRemarks;
use GrayCompass\Core\Verdict\Verdicts;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Core\Words\AfterOperation;
use GrayCompass\Core\Words\ForAthlete;
use GrayCompass\Core\Words\ForCoach;
use GrayCompass\Core\Words\LetterNote;
use GrayCompass\Core\Words\Texts;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Model\Zone;
use GrayCompass\Inference\Readings\Trail;
use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Readings\WeighedChance;
use GrayCompass\Inference\Weighing;

/** The one door of the core: an examination goes in, its assessment comes out. */
final class Assessor
{
    /** @var array<string, EvidenceLibrary> by chosen set and phase */
    private array $libraries = [];

    private ?ExaminationReader $reader = null;

    public function __construct(private readonly Figures $data = new Figures)
    {
    }

    /**
     * @param  mixed  $document  decoded JSON, objects as objects
     *
     * @throws Refusal naming the first place that cannot be accepted
     */
    public function read(mixed $document): KneeExamination
    {
        $this->reader ??= new ExaminationReader(
            $this->data->catalogue(),
            $this->data->facts(),
            $this->data->schools(),
            $this->data->routes(),
        );

        return $this->reader->read($document);
    }

    /** What an examination leaves to look at again, for the route of the next one. */
    public function lastTime(KneeExamination $examination): LastTime
    {
        return LastTime::of($this->assess($examination)->bearings);
    }

    /** What may not be done now: the verdict that is asked for before anything is stored. */
    public function holds(KneeExamination $examination): Holds
    {
        return $this->assess($examination)->bearings->holds;
    }

    public function assess(KneeExamination $examination, ?LastTime $lastTime = null): Assessment
    {
        $catalogue = $this->data->catalogue();
        $evidence = $this->library($examination);
        $judged = $this->judge($examination, true);
        $bearings = $judged->bearings;
        $whileFresh = Fading::applies($examination) && Fading::mayAdd(SendOn::of($bearings))
            ? $this->judge($examination->onDay(Fading::LAST_FRESH_DAY), false)->bearings
            : null;
        $suggestions = NextSteps::of($bearings, $judged->weighed, $catalogue);
        $plan = Plan::of($bearings, $whileFresh, $evidence, $this->data->play());

        return new Assessment(
            $evidence,
            $this->data->digest($evidence),
            $bearings,
            $judged->weighed,
            $judged->trail->steps(),
            (new Planner($catalogue, $evidence))->plan($bearings, $suggestions, $lastTime),
            $suggestions,
            CollateralReading::of($judged->results, 'valgus'),
            CollateralReading::of($judged->results, 'varus'),
            $plan,
            new Texts(
                (new ForAthlete($bearings, $plan))->sections(),
                ForCoach::sentences($examination, $plan),
                (new LetterNote($bearings, $plan, $this->data->phrases()))->lines(),
                (new AfterOperation($bearings))->lines(),
                $this->data->phrases(),
            ),
            $this->answers($judged->weighed),
            [
                ...VerdictRemarks::of($bearings),
                ...$bearings->grading->remarks,
                ...Remarks::of($examination, $judged->results, $evidence),
            ],
        );
    }

    /**
     * From findings to verdicts, before any plan is made.
     *
     * @param  bool  $looksAhead  whether tests still to be done are weighed as well
     */
    private function judge(KneeExamination $examination, bool $looksAhead): Judged
    {
        $catalogue = $this->data->catalogue();
        $evidence = $this->library($examination);
        $gate = SafetyGate::of($examination, $this->data->rules());
        $grading = Grading::of($examination);
        $results = SettledResults::of($examination, $grading, $evidence, $this->data->signs());
        $builder = new ProblemBuilder($this->data->priors(), $evidence, $this->data->levels());
        $weighed = Weighing::of($builder->build(
            $examination,
            $results,
            $looksAhead ? Candidates::of($examination, $gate, $results, $evidence, $catalogue) : [],
        ));
        $chances = array_combine(
            array_column(Condition::cases(), 'value'),
            array_map(static fn (WeighedChance $chance): float => $chance->posttest, $weighed->conditions),
        );
        $loose = new Loose($examination, $results, $chances);
        $atAct = array_values(array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => $weighed->conditions[$condition->position()]->zone === Zone::Act,
        ));
        $lines = (new ResultLines($examination, $gate, $results, $loose, $weighed->after, $atAct))->lines();
        $gate = $gate->with(...$lines);
        $holds = Holds::of($examination, $gate, $catalogue);
        $settled = Unsettled::of($examination, $grading, $results, $holds, $catalogue);
        $front = FrontGate::of($examination, $results);
        [$trail, $afterStory] = self::trail($weighed, $builder, $results, $looksAhead);
        $verdicts = Verdicts::of($examination, $results, $settled, $front, $weighed, $afterStory);

        return new Judged(
            new Bearings(
                $examination,
                $catalogue,
                new Guarded($gate, $holds),
                new Readings($grading, $results, $settled, $loose, Blood::in($examination, FluidSigns::in($examination))),
                new Conclusions(
                    $weighed->after,
                    $verdicts,
                    $front,
                    $this->data->considerations()->of($examination, $results),
                    $this->data->abnormal()->of($examination, $results, $verdicts),
                    Disagreements::of($results, $weighed),
                ),
            ),
            $results,
            $weighed,
            $trail,
        );
    }

    private function library(KneeExamination $examination): EvidenceLibrary
    {
        $key = "{$examination->schools->evidence->id} {$examination->phase()->value}";

        return $this->libraries[$key] ??= new EvidenceLibrary(
            $this->data->evidence(),
            EvidenceChoice::from($examination->schools->evidence->id),
            $examination->phase(),
        );
    }

    /**
     * The trail over all counted results, or over the story alone, and the chances where the story ended.
     *
     * @return array{Trail, list<float>}
     */
    private static function trail(
        Weighed $weighed,
        ProblemBuilder $builder,
        SettledResults $results,
        bool $whole,
    ): array {
        $trail = new Trail($weighed->before);
        $afterStory = null;
        foreach ($results->counting() as $reading) {
            if ($reading->record !== null) {
                $afterStory ??= $trail->chances();
                if (! $whole) {
                    break;
                }
            }
            $trail->take($builder->result($reading), $builder->groupOf($reading->sign));
        }

        return [$trail, $afterStory ?? $trail->chances()];
    }

    /**
     * @return list<MistakenReading>
     */
    private function answers(Weighed $weighed): array
    {
        $answers = [];
        foreach (Condition::cases() as $k => $condition) {
            $tempting = MistakenReading::isTempting(
                $weighed->conditions[$k]->posttest,
                $weighed->problem->conditions[$k]->thresholds,
            );
            $answer = $tempting
                ? MistakenReading::of($weighed->problem, $k, $condition->label(), $this->data->signs()->label(...))
                : null;
            $answers[] = $answer;
        }

        return array_values(array_filter($answers));
    }
}
