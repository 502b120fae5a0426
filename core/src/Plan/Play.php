<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Can this athlete go on? Asked on the touchline, or once hopping and running were done; only when everything is known
 * and in order.
 *
 * @internal
 */
final readonly class Play
{
    /** Said with every answer. */
    public const NEVER_CLEARS = 'It never clears a return after a cruciate injury.';

    private const PAIN_LIMIT = 4.0;

    private const STORY = [
        'A pop was felt' => StoryItem::Pop,
        'The knee gave way' => StoryItem::GivingWay,
        'The kneecap shifted' => StoryItem::KneecapShifted,
        'The knee locked' => StoryItem::Locking,
        'The athlete could not continue' => StoryItem::CouldNotContinue,
    ];

    private const CRUCIATES = [
        'lachman', 'anterior_drawer', 'posterior_drawer', 'pivot_shift', 'anterolateral_shift', 'posterior_sag',
        'lever_sign', 'quadriceps_active', 'arthrometer_difference',
    ];

    private const COLLATERALS = ['valgus_0', 'valgus_30', 'varus_0', 'varus_30'];

    /**
     * @param  list<string>  $why  what speaks against going on; empty when nothing does
     */
    private function __construct(public PlayAnswer $answer, public array $why)
    {
    }

    public static function of(Bearings $bearings): self
    {
        $examination = $bearings->examination;
        if (
            ! $examination->isOnTouchline()
            && ($examination->hurt('hop') === null || $examination->hurt('run_cut_stop') === null)
        ) {
            return new self(PlayAnswer::NotAsked, []);
        }
        $why = [
            ...self::gate($bearings->gate),
            ...self::story($examination),
            ...self::structures($bearings),
            ...self::function($bearings->knee),
        ];
        if ($why !== []) {
            return new self(PlayAnswer::Stop, $why);
        }

        // A chance does not enter here: a sore inner side that holds is supported, whatever it is called.
        return $bearings->grade(Condition::Mcl) === 1
            ? new self(
                PlayAnswer::MayContinueSupported,
                ['The inner side is sore but holds, grade 1: with a sleeve, and watched.'],
            )
            : new self(PlayAnswer::MayContinue, []);
    }

    /**
     * @return list<string>
     */
    private static function gate(SafetyGate $gate): array
    {
        $why = $gate->open ? [] : ['The safety gate is not answered.'];
        if ($gate->lines !== []) {
            $why[] = 'The safety gate raised a line.';
        }

        return $why;
    }

    /**
     * @return list<string>
     */
    private static function story(Examination $examination): array
    {
        $why = [];
        foreach (self::STORY as $words => $item) {
            $answer = $examination->history->answer($item);
            if ($answer === null) {
                $why[] = 'Not asked whether '.lcfirst($words).'.';
            } elseif ($answer) {
                $why[] = "{$words}.";
            }
        }
        $pain = $examination->history->painNow;
        if ($pain === null || $pain >= self::PAIN_LIMIT) {
            $why[] = $pain === null ? 'Pain was not asked for.' : 'Pain is 4 or more.';
        }

        return $why;
    }

    /**
     * @return list<string>
     */
    private static function structures(Bearings $bearings): array
    {
        [$examination, $standing] = [$bearings->examination, $bearings->standing];
        $fluid = FluidSigns::in($examination);
        $lachman = $examination->hurt('lachman');
        $sag = $examination->hurt('posterior_sag');
        $collaterals = array_filter(
            self::COLLATERALS,
            static fn (string $manoeuvre): bool => $examination->hurt($manoeuvre) === null,
        );
        $ungraded = array_filter(
            self::COLLATERALS,
            static fn (string $manoeuvre): bool => ! self::wasGraded($standing, "{$manoeuvre}_laxity"),
        );
        $wrong = [
            'Fluid was not looked for.' => $examination->hurt('effusion_sweep') === null,
            'There is fluid in the knee.' => $fluid->isPositive() || $fluid->isTrace(),
            'The Lachman was not done.' => $lachman === null,
            'Nobody said that the hamstrings were relaxed in the Lachman.' => $lachman !== null
                && ! $lachman->saidTrue('hamstringsRelaxed'),
            'No negative Lachman that counts.' => $lachman !== null
                && $standing->counted('lachman') !== Outcome::Negative,
            'The posterior sag was not looked for.' => $sag === null,
            'The posterior sag is not clearly absent.' => $sag !== null
                && $standing->counted('posterior_sag') !== Outcome::Negative,
            'Not all four collateral tests are done.' => $collaterals !== [],
            'A collateral test does not count.' => $collaterals === [] && $ungraded !== [],
            'The lateral side is not grade 0.' => $bearings->grade(Condition::Lcl) > 0,
            'The MCL is more than grade 1.' => $bearings->grade(Condition::Mcl) > 1,
            'The knee does not straighten.' => $standing->isPositive('loss_of_extension'),
        ];

        return array_values(array_filter([...array_keys(array_filter($wrong)), self::cruciateDoubt($standing)]));
    }

    /** A positive that does not count, or an equivocal one, is no negative: on the touchline doubt stops. */
    private static function cruciateDoubt(Standing $standing): ?string
    {
        $doubt = null;
        foreach ($standing->results as $result) {
            if (
                \in_array($result->reading->sign, self::CRUCIATES, true)
                && $result->reading->outcome !== Outcome::Negative
            ) {
                if ($result->counts()) {
                    return 'A cruciate test is positive.';
                }
                $doubt = 'A cruciate test is not clear.';
            }
        }

        return $doubt;
    }

    /** A grade 1 sprain is firm: its negative moves no chance, but its grade stands. */
    private static function wasGraded(Standing $standing, string $finding): bool
    {
        foreach ($standing->results as $result) {
            if ($result->reading->sign === $finding) {
                return $result->exclusion === null || $result->exclusion === Exclusion::GradeOneIsFirm;
            }
        }

        return false;
    }

    /**
     * @return list<string>
     */
    private static function function(HurtKnee $knee): array
    {
        $raise = $knee->record('straight_leg_raise');
        $gait = $knee->record('gait');
        $hop = $knee->record('hop');
        $run = $knee->record('run_cut_stop');
        $wrong = [
            'The straight leg raise was not done.' => $raise === null,
            'The straight leg raise is not full.' => $raise !== null
                && ! $raise->normal
                && $raise->word('result') !== 'full',
            'The gait was not looked at.' => $gait === null,
            'The gait is not normal.' => $gait !== null && ! $gait->normal && $gait->word('pattern') !== 'normal',
            'Hopping was not done.' => $hop === null,
            'Hopping is not free.' => ($hop?->pain() ?? 0.0) > 0 || $knee->flag('hop', 'afraid'),
            'Running, cutting and stopping was not done.' => $run === null,
            'Running, cutting and stopping is not free.' => ($run?->pain() ?? 0.0) > 0
                || $knee->flag('run_cut_stop', 'givesWay'),
        ];

        return array_keys(array_filter($wrong));
    }
}
