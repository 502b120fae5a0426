<?php

declare(strict_types=1);

namespace Database\Seeders;

/** What was recorded of the demo athletes' knees. All of it is made up. */
final class DemoKnees
{
    public const CLEAR = [
        'deformity' => false,
        'dislocationSuspected' => false,
        'pulseOrSensationLost' => false,
        'feverOrHotRedKnee' => false,
        'cannotTakeFourSteps' => false,
        'cannotFlexTo90' => false,
        'tenderPatellaAlone' => false,
        'tenderFibularHead' => false,
    ];

    public const CONSENT = [
        'handsClean' => true,
        'identityConfirmed' => true,
        'consentGiven' => true,
        'chaperoneOffered' => true,
        'coachMayKnow' => true,
    ];

    public const CLEAR_GRADUAL = [
        'feverOrHotRedKnee' => false,
        'nightOrRestPain' => false,
        'calfSwollenTender' => false,
        'recentSurgery' => false,
    ];

    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    /**
     * @return array<string, array{side: string, days: int|null, setting: string, route?: string, signed?: bool, seenDaysAgo: int, sections: array<string, array<string, mixed>>, findings: list<array{string, string, array<string, mixed>}>}>
     */
    public static function all(): array
    {
        return [
            'H07' => [
                'side' => 'left', 'days' => 4, 'setting' => 'acute_trauma', 'seenDaysAgo' => 0,
                'sections' => [
                    'opening' => self::CONSENT,
                    'history' => [
                        'mechanism' => ['twist_on_planted_foot'],
                        'pop' => true,
                        'couldNotContinue' => true,
                        'swellingOnset' => 'within_2_hours',
                    ],
                    'safety' => self::CLEAR,
                ],
                'findings' => [
                    ['posterior_sag', 'right', ['normal' => true]],
                    ['posterior_sag', 'left', ['sagSeen' => false]],
                    ['lachman', 'right', ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => self::HELD]],
                    [
                        'lachman',
                        'left',
                        ['translationMm' => 10, 'endFeel' => 'soft', 'pain' => 2, 'checks' => self::HELD],
                    ],
                ],
            ],
            'J02' => [
                'side' => 'right', 'days' => 1, 'setting' => 'acute_trauma', 'seenDaysAgo' => 1,
                'sections' => [
                    'opening' => self::CONSENT,
                    'history' => [
                        'mechanism' => ['hyperextension'],
                        'pop' => false,
                        'couldNotContinue' => true,
                        'swellingOnset' => 'within_24_hours',
                    ],
                    'safety' => self::CLEAR,
                ],
                'findings' => [
                    ['posterior_sag', 'left', ['normal' => true]],
                    ['posterior_sag', 'right', ['sagSeen' => false]],
                    ['lachman', 'left', ['translationMm' => 4, 'endFeel' => 'firm']],
                    [
                        'lachman',
                        'right',
                        [
                            'translationMm' => 4,
                            'endFeel' => 'firm',
                            'checks' => ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => false],
                        ],
                    ],
                ],
            ],
            'J05' => [
                'side' => 'left', 'days' => 200, 'setting' => 'older_trauma', 'seenDaysAgo' => 3,
                'sections' => [
                    'opening' => self::CONSENT,
                    'history' => ['mechanism' => ['shin_blow_bent_knee'], 'givingWay' => false],
                    'safety' => self::CLEAR,
                ],
                'findings' => [
                    ['posterior_sag', 'right', ['normal' => true]],
                    ['posterior_sag', 'left', ['sagSeen' => true]],
                    ['lachman', 'right', ['translationMm' => 3, 'endFeel' => 'firm']],
                    ['lachman', 'left', ['translationMm' => 9, 'endFeel' => 'firm', 'checks' => self::HELD]],
                    ['posterior_drawer', 'right', ['translationMm' => 3, 'endFeel' => 'firm']],
                    [
                        'posterior_drawer',
                        'left',
                        [
                            'translationMm' => 11,
                            'endFeel' => 'soft',
                            'checks' => [
                                'footStayedDown' => true,
                                'hamstringsRelaxed' => true,
                                'quadricepsRelaxed' => true,
                                'startedFromNeutral' => true,
                            ],
                        ],
                    ],
                ],
            ],
            'F12' => [
                'side' => 'right', 'days' => 0, 'setting' => 'acute_trauma', 'seenDaysAgo' => 0,
                'sections' => [
                    'safety' => [
                        'cannotTakeFourSteps' => true,
                        'cannotFlexTo90' => true,
                        'deformity' => false,
                        'dislocationSuspected' => false,
                        'pulseOrSensationLost' => false,
                        'feverOrHotRedKnee' => false,
                    ],
                ],
                'findings' => [],
            ],
            'T08' => [
                'side' => 'left', 'days' => 0, 'setting' => 'touchline', 'route' => 'touchline', 'seenDaysAgo' => 0,
                'sections' => [
                    'opening' => self::CONSENT,
                    'history' => [
                        'pop' => false,
                        'couldNotContinue' => false,
                        'kneecapShifted' => false,
                        'givingWay' => false,
                        'locking' => false,
                        'painNow' => 2,
                    ],
                    'safety' => self::CLEAR,
                ],
                'findings' => [
                    ...self::normalHurt(
                        'left',
                        'distal_pulse',
                        'sensation',
                        'ankle_lift',
                        'inspection',
                        'effusion_sweep',
                        'straight_leg_raise',
                        'valgus_0',
                        'varus_0',
                    ),
                    ['posterior_sag', 'left', ['normal' => true, 'checks' => ['thighSoft' => true]]],
                    ['lachman', 'left', ['differenceBand' => 'slight', 'endFeel' => 'firm']],
                ],
            ],
            'F06' => [
                'side' => 'right', 'days' => 0, 'setting' => 'acute_trauma', 'seenDaysAgo' => 0,
                'sections' => [
                    'opening' => self::CONSENT,
                    'episode' => [
                        'whatHappened' => 'Fell on a descent, the lower leg went sideways and came back by itself.',
                    ],
                    'history' => [
                        'mechanism' => ['hyperextension'],
                        'couldNotContinue' => true,
                        'pop' => true,
                        'painNow' => 7,
                    ],
                    'safety' => [
                        ...self::CLEAR,
                        'reducedOnItsOwn' => true,
                        'dislocationSuspected' => true,
                        'calfTense' => false,
                        'footDropped' => false,
                    ],
                ],
                'findings' => self::normal('sensation', 'ankle_lift'),
            ],
            'F01' => [
                'side' => 'right', 'days' => null, 'setting' => 'older_knee', 'signed' => true, 'seenDaysAgo' => 6,
                'sections' => [
                    'opening' => self::CONSENT,
                    'history' => [
                        'mechanism' => ['none_recalled'],
                        'locking' => false,
                        'givingWay' => false,
                        'gradualOnset' => true,
                        'swellingOnset' => 'none',
                    ],
                    'safety' => self::CLEAR_GRADUAL,
                ],
                'findings' => [
                    ['effusion_sweep', 'left', ['grade' => 'none']],
                    ['effusion_sweep', 'right', ['grade' => 'trace']],
                    ...self::normal('lachman', 'valgus_0', 'valgus_30', 'varus_0', 'varus_30'),
                    ['joint_line_palpation', 'left', ['points' => []]],
                    [
                        'joint_line_palpation',
                        'right',
                        ['points' => ['medial_back'], 'pinpoint' => true, 'familiar' => true],
                    ],
                    ['mcmurray', 'left', ['normal' => true]],
                    [
                        'mcmurray',
                        'right',
                        [
                            'cells' => [[
                                'rotation' => 'outward',
                                'stress' => 'varus',
                                'click' => true,
                                'pain' => 4,
                                'painSite' => 'medial',
                            ]],
                            'checks' => ['fullBendReached' => true, 'fullExtensionReached' => true],
                        ],
                    ],
                    ['thessaly_20', 'right', ['notDone' => 'pain']],
                ],
            ],
        ];
    }

    /**
     * @return list<array{string, string, array<string, mixed>}>
     */
    private static function normal(string ...$manoeuvres): array
    {
        $records = [];
        foreach ($manoeuvres as $manoeuvre) {
            array_push($records, [$manoeuvre, 'left', ['normal' => true]], [$manoeuvre, 'right', ['normal' => true]]);
        }

        return $records;
    }

    /**
     * @return list<array{string, string, array<string, mixed>}>
     */
    private static function normalHurt(string $side, string ...$manoeuvres): array
    {
        return array_map(
            static fn (string $manoeuvre): array => [$manoeuvre, $side, ['normal' => true]],
            array_values($manoeuvres),
        );
    }
}
