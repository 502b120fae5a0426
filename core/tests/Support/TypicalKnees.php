<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

/** Knees whose picture is plain, for tests of what follows from it. */
final class TypicalKnees
{
    private const FIRM = ['openingMm' => 2, 'endFeel' => 'firm'];

    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    public static function tornAcl(): Knee
    {
        return Knee::hurt()
            ->found('posterior_sag', ['sagSeen' => false], ['sagSeen' => false])
            ->found(
                'lachman',
                ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => self::HELD],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )
            ->found('pivot_shift', ['grade' => 'clunk'], ['grade' => 'none'])
            ->found('lever_sign', ['heelRises' => false], ['heelRises' => true]);
    }

    public static function tornPcl(): Knee
    {
        return Knee::hurt()
            ->with('history', ['mechanism' => ['shin_blow_bent_knee']])
            ->found('posterior_sag', ['sagSeen' => true, 'stepOffMm' => 0], ['sagSeen' => false, 'stepOffMm' => 8])
            ->found(
                'posterior_drawer',
                [
                    'translationMm' => 14,
                    'endFeel' => 'soft',
                    'checks' => [
                        'footStayedDown' => true,
                        'hamstringsRelaxed' => true,
                        'quadricepsRelaxed' => true,
                        'startedFromNeutral' => true,
                    ],
                ],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )
            ->found('quadriceps_active', ['shiftMm' => 5], ['shiftMm' => 0]);
    }

    public static function looseCorner(): Knee
    {
        return Knee::hurt()
            ->found('dial_30', ['externalRotationDeg' => 45], ['externalRotationDeg' => 30])
            ->found('dial_90', ['externalRotationDeg' => 32], ['externalRotationDeg' => 30])
            ->found('varus_30', ['openingMm' => 9, 'endFeel' => 'soft'], self::FIRM)
            ->found(
                'toe_lift_recurvatum',
                ['hyperextensionDeg' => 12, 'externalRotationMore' => true],
                ['hyperextensionDeg' => 3, 'externalRotationMore' => false],
            )
            ->found('reverse_pivot_shift', ['felt' => true], ['felt' => false]);
    }

    public static function looseOuterSide(): Knee
    {
        return Knee::hurt()
            ->with('history', ['mechanism' => ['varus_blow']])
            ->found('varus_0', ['openingMm' => 2, 'endFeel' => 'firm'], self::FIRM)
            ->found('varus_30', ['openingMm' => 12, 'endFeel' => 'soft'], self::FIRM)
            ->found('landmark_palpation', ['tender' => ['fibular_head']]);
    }

    /** @param  int  $difference  at 30°, in mm, more than the other knee */
    public static function looseInnerSide(int $difference): Knee
    {
        return Knee::hurt()
            ->found('valgus_0', self::FIRM, self::FIRM)
            ->found(
                'valgus_30',
                ['openingMm' => 2 + $difference, 'endFeel' => 'soft', 'pain' => 4, 'painSite' => 'medial'],
                self::FIRM,
            )
            ->found('landmark_palpation', ['tender' => ['medial_epicondyle']]);
    }

    public static function tornMeniscus(): Knee
    {
        return Knee::hurt()
            ->with('setting', 'specialist')->with('daysSinceInjury', 40)
            ->found('joint_line_palpation', ['points' => ['medial_back'], 'pinpoint' => true, 'familiar' => true])
            ->found(
                'mcmurray',
                [
                    'cells' => [[
                        'rotation' => 'outward',
                        'stress' => 'varus',
                        'click' => true,
                        'pain' => 5,
                        'painSite' => 'medial',
                    ]],
                    'checks' => ['fullBendReached' => true, 'fullExtensionReached' => true],
                ],
            )
            ->found(
                'apley',
                ['compressionPain' => true, 'distractionRelieves' => true, 'site' => 'medial', 'familiar' => true],
            )
            ->found('thessaly_20', ['reps' => 3, 'pain' => 4, 'site' => 'medial', 'familiar' => true])
            ->found('bounce_home', ['end' => 'rubbery']);
    }

    public static function slippingKneecap(): Knee
    {
        return Knee::hurt()
            ->with('history', ['kneecapShifted' => true])
            ->found('kneecap_edges', ['tenderMedial' => true])
            ->found('kneecap_glide', ['outwardApprehension' => 'apprehension'])
            ->found('kneecap_glide_moving', ['outwardApprehension' => 'apprehension']);
    }

    /** Every manoeuvre done, and the tests of some structures at odds with each other. */
    public static function openAfterEverything(): Knee
    {
        $knee = Knee::hurt()->with('daysSinceInjury', 40)->with('setting', 'specialist')
            ->found('effusion_sweep', ['grade' => 'bulge'])
            ->found('posterior_sag', ['sagSeen' => false], ['sagSeen' => false])
            ->found(
                'lachman',
                ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => self::HELD],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )
            ->found('pivot_shift', ['grade' => 'glide'], ['grade' => 'none'])
            ->found(
                'mcmurray',
                ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'pain' => 5, 'painSite' => 'medial']]],
            )
            ->found('joint_line_palpation', ['points' => []])
            ->found('dial_30', ['externalRotationDeg' => 30], ['externalRotationDeg' => 30]);
        $others = [
            'passive_extension', 'straight_leg_raise', 'kneecap_edges', 'kneecap_compression', 'kneecap_glide',
            'kneecap_glide_moving', 'valgus_0', 'varus_0',
            'toe_lift_recurvatum', 'resisted_extension', 'landmark_palpation', 'anterior_drawer', 'posterior_drawer',
            'quadriceps_active', 'lever_sign', 'arthrometer',
            'valgus_30', 'varus_30', 'meniscal_grind', 'displacement_tenderness', 'bounce_home', 'reverse_pivot_shift',
            'anterolateral_shift', 'apley',
            'thessaly_5', 'thessaly_20', 'deep_squat', 'step_down',
        ];
        foreach ($others as $manoeuvre) {
            $knee->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }

        return $knee;
    }

    /**
     * The core set of a knee, normal on both sides.
     *
     * @param  list<string>  $without  manoeuvres that are left out
     */
    public static function soundCore(Knee $knee, array $without = []): Knee
    {
        $core = [
            'distal_pulse', 'sensation', 'ankle_lift', 'inspection', 'effusion_sweep', 'straight_leg_raise',
            'passive_extension', 'kneecap_glide', 'valgus_0', 'varus_0', 'flexion_range', 'posterior_sag',
            'joint_line_palpation', 'landmark_palpation', 'lachman', 'valgus_30', 'varus_30', 'mcmurray',
        ];
        foreach (array_diff($core, $without) as $manoeuvre) {
            $relaxed = $manoeuvre === 'lachman' ? ['checks' => ['hamstringsRelaxed' => true]] : [];
            $knee->found($manoeuvre, ['normal' => true, ...$relaxed], ['normal' => true]);
        }

        return $knee;
    }
}
