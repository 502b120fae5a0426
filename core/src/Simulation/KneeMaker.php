<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use Closure;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\LevelFactors;
use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\WeighedCondition;
use GrayCompass\Inference\States\Belief;
use LogicException;

/**
 * Draws knees from the product's own figures: which injuries, what each sign then shows, how far a positive
 * goes. What the rows do not say (hand error, fluid, age, day) comes from data/simulation.json.
 *
 * @internal
 */
final class KneeMaker
{
    private const STORY = [
        'pop' => 'story_pop',
        'couldNotContinue' => 'story_could_not_continue',
        'givingWay' => 'story_giving_way',
        'locking' => 'story_locking',
        'kneecapShifted' => 'story_kneecap_shifted',
        'frontLoadPain' => 'story_front_load_pain',
    ];

    private const MECHANISMS = [
        'twist_on_planted_foot', 'rotational_trauma', 'valgus_blow', 'varus_blow', 'shin_blow_bent_knee',
        'hyperextension',
    ];

    /** @var array<string, Finding> by sign and phase */
    private array $findings = [];

    /** @var array<string, list<float>> chance of each state, by setting */
    private array $states = [];

    /**
     * @param  list<EvidenceRow>  $rows
     */
    public function __construct(
        private readonly Priors $priors,
        private readonly array $rows,
        private readonly LevelFactors $levels,
        private readonly Estimates $figures,
        private readonly Dice $dice,
    ) {
    }

    /** Draws from the shipped figures. */
    public static function of(Figures $figures, Dice $dice): self
    {
        return new self(
            $figures->priors(),
            $figures->evidence(),
            $figures->levels(),
            new Estimates($figures->simulation()),
            $dice,
        );
    }

    /** @param  bool  $further  five tests beyond the core set as well */
    public function knee(bool $further = false): VirtualKnee
    {
        $fresh = $this->dice->happens($this->figures->number('freshShare'));
        $days = (int) $this->dice->between($this->figures->span($fresh ? 'freshDays' : 'olderDays'), 0);
        $state = $this->state(Setting::byDays($days));
        $signs = new CorrelatedSigns($this->priors, $this->figures, $this->dice);
        $draw = $this->draw($state, Phase::of($days), $signs);
        $examined = new Examined($draw, $this->figures, $this->dice);
        $present = self::present($state);
        $hurt = self::isHurt($present);

        return new VirtualKnee($present, $this->document($days, $draw, $hurt, static fn (): array => [
            ...$examined->core($hurt), ...($further ? $examined->further() : []),
        ]));
    }

    /** A fresh knee examined on day 1 to 3 and again on day 7 to 14, each time by the whole core set. */
    public function twice(): TwoVisits
    {
        $first = (int) $this->dice->between($this->figures->span('firstVisitDays'), 0);
        $second = (int) $this->dice->between($this->figures->span('secondVisitDays'), 0);
        $state = $this->state(Setting::byDays($first));
        $present = self::present($state);
        $hurt = self::isHurt($present);
        $signs = new CorrelatedSigns($this->priors, $this->figures, $this->dice);
        $draw = $this->draw($state, Phase::of($first), $signs);
        $examined = new Examined($draw, $this->figures, $this->dice);
        $early = $this->document($first, $draw, $hurt, static fn (): array => $examined->core($hurt));
        $again = $this->draw($state, Phase::of($second), $signs->later());
        $late = (new Examined($again, $this->figures, $this->dice))->core($hurt);

        return new TwoVisits(
            new VirtualKnee($present, $early),
            new VirtualKnee($present, [
                ...$early, 'daysSinceInjury' => $second, 'setting' => Setting::byDays($second)->value,
                'route' => 'look_again', 'findings' => $late,
            ]),
            $second - $first,
        );
    }

    /**
     * @return list<Condition>
     */
    private static function present(int $state): array
    {
        return array_values(array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => (bool) ($state >> $condition->position() & 1),
        ));
    }

    /**
     * @param  list<Condition>  $present
     */
    private static function isHurt(array $present): bool
    {
        return array_filter($present, static fn (Condition $condition): bool => $condition->isStructural()) !== [];
    }

    private function draw(int $state, Phase $phase, CorrelatedSigns $signs): Draw
    {
        return new Draw(
            $state,
            fn (string $sign): bool => $this->isPositive($sign, $state, $phase, $signs),
            fn (string $sign, Condition $of): ?Level => $this->level($sign, $of, $state, $phase, $signs),
        );
    }

    /**
     * @param  Closure(): list<array<string, mixed>>  $findings  drawn after everything that is asked
     * @return array<string, mixed>
     */
    private function document(int $days, Draw $draw, bool $hurt, Closure $findings): array
    {
        $safety = array_fill_keys(
            array_map(static fn (SafetyKey $key): string => $key->value, SafetyGate::AFTER_INJURY),
            false,
        );
        $safety['cannotTakeFourSteps'] = $this->dice->happens($this->figures->number('fracture'));

        return [
            'format' => ExaminationReader::FORMAT,
            'version' => ExaminationReader::VERSION,
            'setting' => Setting::byDays($days)->value,
            'hurtSide' => 'left', 'daysSinceInjury' => $days, 'ageYears' => (int) $this->dice->between(
                $this->figures->span('ageYears'),
                0,
            ),
            'opening' => ['consentGiven' => true], 'safety' => $safety,
            'history' => $this->history($draw, $hurt),
            'findings' => $findings(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function history(Draw $draw, bool $hurt): array
    {
        $history = array_map($draw->isPositive(...), self::STORY);
        $answers = array_values(array_filter(
            self::MECHANISMS,
            static fn (string $mechanism): bool => $draw->isPositive("story_{$mechanism}"),
        ));
        $history['mechanism'] = $answers;
        $history['swellingOnset'] = match (true) {
            $draw->isPositive('story_rapid_swelling') => 'within_2_hours',
            $draw->isPositive('story_slow_swelling') => 'within_24_hours',
            default => 'none',
        };
        $history['painNow'] = $this->dice->between($this->figures->span('painNow', $hurt ? 'hurt' : 'sound'), 0);

        return $history;
    }

    private function isPositive(string $sign, int $state, Phase $phase, CorrelatedSigns $signs): bool
    {
        $finding = $this->finding($sign, $phase);

        return $signs->isPositive($sign, $finding->chances(Outcome::Positive)[self::local($finding, $state)]);
    }

    /** Null: negative. A true positive goes as far as torn ligaments do, a false one as far as the factors say. */
    private function level(
        string $sign,
        Condition $of,
        int $state,
        Phase $phase,
        CorrelatedSigns $signs,
    ): ?Level {
        if (! $this->isPositive($sign, $state, $phase, $signs)) {
            return null;
        }
        $torn = (bool) ($state >> $of->position() & 1);
        $weights = [];
        foreach (Level::cases() as $level) {
            $weights[$level->value] = $this->levels->share($sign, $level) * ($torn ? 1.0 : $this->levels->factor(
                $sign,
                $level,
            ));
        }

        return Level::from((string) $this->dice->pick($weights));
    }

    private function finding(string $sign, Phase $phase): Finding
    {
        return $this->findings["{$sign} {$phase->value}"] ??= $this->newFinding($sign, $phase);
    }

    private function newFinding(string $sign, Phase $phase): Finding
    {
        $rows = array_map(
            static fn (EvidenceRow $row): Row => new Row(
                $row->target->position(),
                new Rate($row->sensitivity, null, 0.0),
                new Rate($row->specificity, null, 0.0),
            ),
            (new EvidenceLibrary($this->rows, EvidenceChoice::Cautious, $phase))->rows($sign),
        );

        return $rows === [] ? throw new LogicException("{$sign} has no figures.") : new Finding($sign, $rows);
    }

    private static function local(Finding $finding, int $state): int
    {
        $local = 0;
        foreach ($finding->rows as $bit => $row) {
            $local |= ($state >> $row->condition & 1) << $bit;
        }

        return $local;
    }

    private function state(Setting $setting): int
    {
        $this->states[$setting->value] ??= array_values($this->before($setting));

        return (int) $this->dice->pick($this->states[$setting->value]);
    }

    /**
     * @return array<int, float>
     */
    private function before(Setting $setting): array
    {
        $rates = $this->priors->rates($setting, null);
        $conditions = array_map(
            static fn (Condition $condition): WeighedCondition => new WeighedCondition(
                $condition->value,
                $rates->rate($condition),
            ),
            Condition::cases(),
        );
        $pairs = [];
        foreach ($this->priors->pairings as $pairing) {
            $ends = [$pairing->one->position(), $pairing->other->position()];
            $pairs[] = new Association(\min($ends), \max($ends), $pairing->oddsRatio);
        }

        return Belief::before(new Problem($conditions, $pairs, [], []))->states();
    }
}
