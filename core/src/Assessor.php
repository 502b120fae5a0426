<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Assessed\Judged;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\FiguresInUse;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\KnownResult;
use GrayCompass\Core\Grading\GradedVisits;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Fading;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\SendOn;
use GrayCompass\Core\Results\CarriedResults;
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
use GrayCompass\Core\Safety\SafetyLine;
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
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\Weighing;

/** The one door of the core: an examination goes in, its assessment comes out. */
final class Assessor
{
    private ?ExaminationReader $reader = null;

    private readonly GradedVisits $gradedVisits;

    public function __construct(private readonly Figures $data = new Figures)
    {
        $this->gradedVisits = new GradedVisits;
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
        $evidence = $this->data->libraries()->for($examination);
        $judged = $this->judge($examination, true);
        $bearings = $judged->bearings;
        $whileFresh = Fading::applies($examination) && Fading::mayAdd(SendOn::of($bearings))
            ? $this->judge($examination->onDay(Fading::LAST_FRESH_DAY), false)->bearings
            : null;
        $suggestions = NextSteps::of($bearings, $judged->weighed, $catalogue);
        $plan = Plan::of($bearings, $whileFresh, $evidence, $this->data->play());

        return new Assessment(
            $this->figures($examination, $judged->results),
            $bearings,
            $judged->weighed,
            $judged->trail->steps(),
            (new Planner($catalogue, $evidence))->plan($bearings, $suggestions, $lastTime),
            $suggestions,
            CollateralReading::of($judged->results->today, 'valgus'),
            CollateralReading::of($judged->results->today, 'varus'),
            $plan,
            new Texts(
                (new ForAthlete($bearings, $plan))->sections(),
                ForCoach::sentences($examination, $plan),
                (new LetterNote($bearings, $plan, $this->data->phrases()))->lines(),
                (new AfterOperation($bearings, $this->data->phrases()))->lines(),
                $this->data->phrases(),
            ),
            $this->answers($judged->weighed),
            [
                ...VerdictRemarks::of($bearings),
                ...$bearings->grading->remarks,
                ...Remarks::of($examination, $judged->results->today, $evidence),
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
        $evidence = $this->data->libraries()->for($examination);
        $gate = SafetyGate::of($examination, $this->data->rules());
        $grading = Grading::of($examination);
        $results = SettledResults::of(
            $examination,
            $grading,
            $evidence,
            $this->data->signs(),
            $examination->earlier === []
                ? null
                : new CarriedResults($examination, $this->gradedVisits, $this->data->libraries(), $this->data->signs()),
        );
        $builder = $this->builder($evidence);
        $weighed = Weighing::of($builder->build(
            $examination,
            $results,
            $looksAhead ? Candidates::of($examination, $gate, $results, $evidence, $catalogue) : [],
        ), $builder->before($examination));
        $loose = new Loose($examination, $results->ofTheKneeNow, self::chances($weighed));
        $lines = new ResultLines($examination, $gate, $results->ofTheKneeNow, $loose, $weighed->after, self::atAct($weighed));
        $gate = $gate->with(...(self::hasPast($examination)
            ? SafetyLine::worstOfEach([
                ...$lines->lines(), ...$this->linesOfToday($examination, $gate, $results, $weighed->before, $builder),
            ])
            : $lines->lines()));
        $holds = Holds::of($examination, $gate, $catalogue);
        $settled = Unsettled::of($examination, $grading, $results, $holds, $catalogue);
        $front = FrontGate::of($examination, $results);
        [$trail, $afterStory, $byHand] = self::trail($weighed, $builder, $examination, $results, $looksAhead);
        $verdicts = Verdicts::of($examination, $results, $settled, $front, $weighed, $afterStory);

        return new Judged(
            new Bearings(
                $examination,
                $catalogue,
                new Guarded($gate, $holds),
                new Readings(
                    $grading,
                    $this->gradedVisits,
                    $results,
                    $settled,
                    $loose,
                    Blood::in($examination, FluidSigns::in($examination)),
                ),
                new Conclusions(
                    $weighed->after,
                    $verdicts,
                    $front,
                    $this->data->considerations()->of($examination, $results->ofTheKneeNow),
                    $this->data->abnormal()->of($examination, $results->ofTheKneeNow, $verdicts),
                    Disagreements::of($results->today, $weighed),
                    $byHand,
                ),
            ),
            $results,
            $weighed,
            $trail,
        );
    }

    private function builder(EvidenceLibrary $evidence): ProblemBuilder
    {
        return new ProblemBuilder(
            $this->data->priors(),
            $evidence,
            $this->data->libraries(),
            $this->data->references(),
            $this->data->levels(),
            $this->data->baseStates(),
        );
    }

    private static function hasPast(KneeExamination $examination): bool
    {
        return $examination->earlier !== [] || $examination->known->all !== [];
    }

    /**
     * The safety lines of today's results alone, where chances may decide about them: what is known from before never
     * takes one away.
     *
     * @return list<SafetyLine>
     */
    private function linesOfToday(
        KneeExamination $examination,
        SafetyGate $gate,
        SettledResults $results,
        Belief $before,
        ProblemBuilder $builder,
    ): array {
        $today = $examination->withoutPast();
        $evidence = $this->data->libraries()->for($today);
        // A ligament that is known to be torn keeps its own tests from counting, but never from raising a line.
        $alone = $examination->known->hasOldTear()
            ? SettledResults::of($today, Grading::of($today), $evidence, $this->data->signs())
            : $results->today;
        if ($alone === $results->today && ! ResultLines::dependOnChances($today, $gate, $alone)) {
            return [];
        }
        // By the same figures, what lies on the scales of all results need not be laid there again.
        $isSame = $evidence === $this->data->libraries()->for($examination);
        $problem = ($isSame ? $builder : $this->builder($evidence))->build($today, $alone, []);
        $belief = Weighing::belief($problem, $examination->known->hasOldTear() ? null : $before);
        $chances = $atAct = [];
        foreach (Condition::cases() as $k => $condition) {
            $chances[$condition->value] = $belief->chance($k);
            if ($problem->conditions[$k]->thresholds->zone($belief->chance($k)) === Zone::Act) {
                $atAct[] = $condition;
            }
        }

        return (new ResultLines(
            $today,
            $gate,
            $alone,
            new Loose($today, $alone, $chances),
            $belief,
            $atAct,
        ))->lines();
    }

    /**
     * @return array<string, float> after all results, by condition
     */
    private static function chances(Weighed $weighed): array
    {
        return array_combine(
            array_column(Condition::cases(), 'value'),
            array_map(static fn (WeighedChance $chance): float => $chance->posttest, $weighed->conditions),
        );
    }

    /**
     * @return list<Condition>
     */
    private static function atAct(Weighed $weighed): array
    {
        return array_values(array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => $weighed->conditions[$condition->position()]->zone === Zone::Act,
        ));
    }

    private function figures(KneeExamination $examination, SettledResults $results): FiguresInUse
    {
        $evidence = $this->data->libraries()->for($examination);
        $carried = [];
        foreach ($results->counting() as $result) {
            if ($result->visit !== null) {
                $carried[$result->weighedAs()] = $this->data->libraries()->for($result->visit->examination());
            }
        }
        $references = array_filter(
            $examination->known->all,
            static fn (KnownResult $known): bool => $known->by->finding() !== null,
        );

        return new FiguresInUse(
            $evidence,
            $carried,
            $this->data->references(),
            $this->data->digest($evidence, array_values($carried), $references !== []),
        );
    }

    /**
     * The trail over the history, earlier visits, today's results and known looks, or over the history alone; the chances
     * where the history ended, and those before any look.
     *
     * @return array{Trail, list<float>, list<float>}
     */
    private static function trail(
        Weighed $weighed,
        ProblemBuilder $builder,
        KneeExamination $examination,
        SettledResults $results,
        bool $whole,
    ): array {
        $trail = new Trail($weighed->before);
        $afterStory = null;
        foreach ($results->counting() as $result) {
            if ($result->isHandsOn()) {
                $afterStory ??= $trail->chances();
                if (! $whole) {
                    break;
                }
            }
            $found = $builder->weighed($result);
            $trail->take($found->result, $found->group);
        }
        $afterStory ??= $trail->chances();
        $looks = $whole ? $builder->looks($examination->known) : [];
        $byHand = $looks === [] ? array_values(self::chances($weighed)) : $trail->chances();
        foreach ($looks as $look) {
            $trail->take($look->result, $look->group);
        }

        return [$trail, $afterStory, $byHand];
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
