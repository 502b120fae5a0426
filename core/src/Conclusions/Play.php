<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Exclusion;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Standing;

/** Can this athlete go on? Only when everything asked for is known and in order. */
final class Play
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

    private const MAIN_QUESTIONS = [
        SafetyKey::Deformity, SafetyKey::DislocationSuspected, SafetyKey::PulseOrSensationLost, SafetyKey::FeverOrHotRedKnee,
        SafetyKey::CannotTakeFourSteps, SafetyKey::CannotFlexTo90, SafetyKey::TenderPatellaAlone, SafetyKey::TenderFibularHead,
    ];

    private const CRUCIATES = [
        'lachman', 'anterior_drawer', 'posterior_drawer', 'pivot_shift', 'anterolateral_shift', 'posterior_sag', 'lever_sign', 'quadriceps_active', 'arthrometer_difference',
    ];

    private const COLLATERALS = ['valgus_0', 'valgus_30', 'varus_0', 'varus_30'];

    /**
     * @param  list<string>  $why  what speaks against going on; empty when nothing does
     */
    private function __construct(public readonly PlayAnswer $answer, public readonly array $why)
    {
    }

    public static function of(Examination $examination, SafetyGate $gate, Standing $standing): self
    {
        $why = [
            ...self::gate($examination, $gate),
            ...self::story($examination),
            ...self::structures($examination, $standing),
            ...self::function($examination),
        ];
        if ($why !== []) {
            return new self(PlayAnswer::Stop, $why);
        }

        return LigamentGrades::of(Condition::Mcl, $standing) === 1
            ? new self(PlayAnswer::MayContinueSupported, ['The MCL is sprained, grade 1: taped or braced, and watched.'])
            : new self(PlayAnswer::MayContinue, []);
    }

    /**
     * @return list<string>
     */
    private static function gate(Examination $examination, SafetyGate $gate): array
    {
        $why = [];
        if (! $gate->open || ! $examination->safety->answered(...self::MAIN_QUESTIONS)) {
            $why[] = 'The safety gate is not answered.';
        }
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
    private static function structures(Examination $examination, Standing $standing): array
    {
        $why = [];
        if ($standing->counted('effusion') !== Sign::Negative || $examination->hurt('effusion_sweep') === null) {
            $why[] = 'No negative effusion sweep.';
        }
        if ($standing->counted('lachman') !== Sign::Negative) {
            $why[] = 'No negative Lachman that counts.';
        }
        $cruciate = self::cruciateDoubt($standing);
        if ($cruciate !== null) {
            $why[] = $cruciate;
        }
        foreach (self::COLLATERALS as $manoeuvre) {
            if ($examination->hurt($manoeuvre) === null) {
                $why[] = 'Not all four collateral tests are done.';
                break;
            }
            if (! self::wasGraded($standing, "{$manoeuvre}_laxity")) {
                $why[] = 'A collateral test does not count.';
                break;
            }
        }
        if ((LigamentGrades::of(Condition::Lcl, $standing) ?? 0) > 0) {
            $why[] = 'The lateral side is not grade 0.';
        }
        if ((LigamentGrades::of(Condition::Mcl, $standing) ?? 0) > 1) {
            $why[] = 'The MCL is more than grade 1.';
        }
        if ($standing->counted('loss_of_extension') === Sign::Positive) {
            $why[] = 'The knee does not straighten.';
        }

        return $why;
    }

    /** A positive that does not count, or an equivocal one, is no negative: on the touchline doubt stops. */
    private static function cruciateDoubt(Standing $standing): ?string
    {
        $doubt = null;
        foreach ($standing->results as $result) {
            if (in_array($result->reading->finding, self::CRUCIATES, true) && $result->reading->sign !== Sign::Negative) {
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
            if ($result->reading->finding === $finding) {
                return $result->exclusion === null || $result->exclusion === Exclusion::GradeOneIsFirm;
            }
        }

        return false;
    }

    /**
     * @return list<string>
     */
    private static function function(Examination $examination): array
    {
        $knee = new HurtKnee($examination);
        $raise = $examination->hurt('straight_leg_raise');
        $gait = $examination->hurt('gait');
        $hop = $examination->hurt('hop');
        $run = $examination->hurt('run_cut_stop');
        $wrong = [
            'The straight leg raise was not done.' => $raise === null,
            'The straight leg raise is not full.' => $raise !== null && ! $raise->normal && $raise->word('result') !== 'full',
            'The gait was not looked at.' => $gait === null,
            'The gait is not normal.' => $gait !== null && ! $gait->normal && $gait->word('pattern') !== 'normal',
            'Hopping was not done.' => $hop === null,
            'Hopping is not free.' => ($hop?->pain() ?? 0.0) > 0 || $knee->flag('hop', 'afraid'),
            'Running, cutting and stopping was not done.' => $run === null,
            'Running, cutting and stopping is not free.' => ($run?->pain() ?? 0.0) > 0 || $knee->flag('run_cut_stop', 'givesWay'),
        ];

        return array_keys(array_filter($wrong));
    }
}
