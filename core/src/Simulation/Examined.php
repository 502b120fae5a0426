<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;

/**
 * Puts what the signs come out as into findings of a left knee, as a practitioner would record them.
 *
 * @internal
 */
final class Examined
{
    private bool $quadricepsDone = false;

    private const HELD = [
        'footStayedDown' => true,
        'thighStable' => true,
        'hamstringsRelaxed' => true,
        'slackTaken' => true,
        'startedFromNeutral' => true,
    ];

    public function __construct(
        private readonly Draw $draw,
        private readonly Estimates $figures,
        private readonly Dice $dice,
    ) {
    }

    /**
     * @param  bool  $hurt  something structural is hurt
     * @return list<array<string, mixed>>
     */
    public function core(bool $hurt): array
    {
        $fluid = $this->draw->isPositive('effusion');
        $limp = $this->dice->happens($this->figures->number('limps', $hurt ? 'hurt' : 'sound'));
        $bend = $this->dice->between($this->figures->span('bendDeg', $fluid ? 'fluid' : 'dry'), 0);
        $short = $this->draw->isPositive('loss_of_extension');
        $tender = array_keys(array_filter([
            'medial_epicondyle' => $this->draw->isPositive('mcl_tenderness'),
            'outer_cord' => $this->draw->isPositive('lcl_tenderness'),
        ]));
        $findings = [];
        foreach (['distal_pulse', 'sensation', 'ankle_lift', 'inspection', 'straight_leg_raise'] as $manoeuvre) {
            $findings[] = ['manoeuvre' => $manoeuvre, 'side' => 'left', 'normal' => true];
        }

        $sag = $this->draw->isPositive('posterior_sag');

        return [
            ...$findings,
            ['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => $limp ? 'antalgic' : 'normal'],
            [
                'manoeuvre' => 'effusion_sweep',
                'side' => 'left',
                'grade' => $fluid
                    ? (string) $this->dice->pick($this->figures->shares($hurt ? 'fluidOfHurt' : 'fluidOfSound'))
                    : 'none',
            ],
            ...$this->pair(
                'passive_extension',
                ['extensionDeg' => $short ? -8.0 : 0.0, 'endFeel' => $short ? 'springy' : 'firm'],
                ['extensionDeg' => 0, 'endFeel' => 'firm'],
            ),
            ...$this->pair(
                'kneecap_glide',
                ['outwardApprehension' => $this->draw->isPositive('patellar_apprehension') ? 'apprehension' : 'none'],
                ['outwardApprehension' => 'none'],
            ),
            ...$this->opening('valgus_0', Condition::Mcl, false),
            ...$this->opening('varus_0', Condition::Lcl, false),
            ['manoeuvre' => 'flexion_range', 'side' => 'left', 'flexionDeg' => $bend],
            ...$this->pair(
                'posterior_sag',
                ['sagSeen' => $sag, 'checks' => ['thighSoft' => true]],
                ['sagSeen' => false],
            ),
            ...$this->jointLine(),
            ['manoeuvre' => 'landmark_palpation', 'side' => 'left', 'tender' => $tender],
            ...$this->translation('lachman', Condition::Acl, self::HELD),
            ...$this->opening('valgus_30', Condition::Mcl, $this->draw->isPositive('valgus_30_pain')),
            ...$this->opening('varus_30', Condition::Lcl, false),
            ...$this->mcmurray(),
            ...($sag ? $this->afterASag() : []),
        ];
    }

    /**
     * Five tests beyond the core set: one more for each structure that it tests but once.
     *
     * @return list<array<string, mixed>>
     */
    public function further(): array
    {
        $level = $this->draw->level('pivot_shift', Condition::Acl);
        $grade = match ($level) {
            null => 'none',
            Level::Slight => 'glide',
            Level::Clear => 'clunk',
            Level::Gross => 'gross',
        };
        $thessaly = $this->draw->isPositive('thessaly_20_medial');

        return [
            ...$this->pair('pivot_shift', ['grade' => $grade], ['grade' => 'none']),
            ...$this->quadriceps(),
            ...$this->dial(),
            [
                'manoeuvre' => 'thessaly_20',
                'side' => 'left',
                'reps' => 3,
                ...($thessaly ? ['pain' => 4, 'site' => 'medial', 'familiar' => true] : ['pain' => 0]),
            ],
            ...$this->pair(
                'kneecap_glide_moving',
                [
                    'outwardApprehension' => $this->draw->isPositive('moving_patellar_apprehension')
                        ? 'apprehension'
                        : 'none',
                ],
                ['outwardApprehension' => 'none'],
            ),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function dial(): array
    {
        $level = $this->draw->level('dial_30', Condition::Plc);
        $more = $level === null ? 1.0 : $this->dice->between($this->figures->span("{$level->value}Deg"), 0);

        return $this->pair('dial_30', ['externalRotationDeg' => 30 + $more], ['externalRotationDeg' => 30]);
    }

    /**
     * What the product asks for after a positive sag.
     *
     * @return list<array<string, mixed>>
     */
    private function afterASag(): array
    {
        return [
            ...$this->translation(
                'posterior_drawer',
                Condition::Pcl,
                [
                    'footStayedDown' => true,
                    'hamstringsRelaxed' => true,
                    'quadricepsRelaxed' => true,
                    'startedFromNeutral' => true,
                ],
            ),
            ...$this->quadriceps(),
        ];
    }

    /**
     * Once for each knee, at the first call.
     *
     * @return list<array<string, mixed>>
     */
    private function quadriceps(): array
    {
        if ($this->quadricepsDone) {
            return [];
        }
        $this->quadricepsDone = true;

        return [[
            'manoeuvre' => 'quadriceps_active',
            'side' => 'left',
            'shiftMm' => $this->draw->isPositive('quadriceps_active') ? 5 : 0,
        ]];
    }

    /**
     * @param  array<string, bool>  $checks
     * @return list<array<string, mixed>>
     */
    private function translation(string $manoeuvre, Condition $of, array $checks): array
    {
        [$difference, $endFeel, $other] = $this->distance($manoeuvre, $of);

        return $this->pair(
            $manoeuvre,
            ['translationMm' => \max(0, $other + $difference), 'endFeel' => $endFeel, 'checks' => $checks],
            ['translationMm' => $other, 'endFeel' => 'firm'],
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function opening(string $manoeuvre, Condition $of, bool $pain): array
    {
        [$difference, $endFeel, $other] = $this->distance("{$manoeuvre}_laxity", $of);

        return $this->pair(
            $manoeuvre,
            [
                'openingMm' => \max(0, $other + $difference),
                'endFeel' => $endFeel,
                'pain' => $pain ? 4 : 0,
                'checks' => ['thighStable' => true],
            ],
            ['openingMm' => $other, 'endFeel' => 'firm'],
        );
    }

    /**
     * @return array{float, string, float} mm more than the other knee, end feel, mm of the other knee
     */
    private function distance(string $sign, Condition $of): array
    {
        $level = $this->draw->level($sign, $of);
        $other = $this->dice->between($this->figures->span('otherKneeMm'));
        if ($level === null) {
            return [round(\min($this->dice->error($this->figures->number('handErrorMm')), 2.9), 1), 'firm', $other];
        }
        $difference = $this->dice->between($this->figures->span("{$level->value}Mm"));
        $endFeel = match (true) {
            $this->dice->happens($this->figures->number('absentEnd', $level->value)) => 'absent',
            // A slight opening with a soft end would be clear by definition.
            $level !== Level::Slight
                && $this->dice->happens($this->figures->number('softEnd', $level->value)) => 'soft',
            default => 'firm',
        };

        return [$difference, $endFeel, $other];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function jointLine(): array
    {
        $points = array_keys(array_filter([
            'medial_middle' => $this->draw->isPositive('joint_line_tenderness_medial'),
            'lateral_middle' => $this->draw->isPositive('joint_line_tenderness_lateral'),
        ]));

        return $this->pair(
            'joint_line_palpation',
            ['points' => $points, 'pinpoint' => true, 'familiar' => true],
            ['points' => []],
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function mcmurray(): array
    {
        $cell = fn (string $rotation, string $side): array => ['rotation' => $rotation, 'stress' => 'varus',
            ...($this->draw->isPositive("mcmurray_{$side}") ? ['pain' => 4, 'painSite' => $side, 'familiar' => true] : [
                'pain' => 0,
            ])];

        return [['manoeuvre' => 'mcmurray', 'side' => 'left', 'cells' => [
            $cell('outward', 'medial'), $cell('inward', 'lateral'),
        ],
            'checks' => ['fullBendReached' => true, 'fullExtensionReached' => true, 'relaxed' => true]]];
    }

    /**
     * @param  array<string, mixed>  $hurt
     * @param  array<string, mixed>  $other
     * @return list<array<string, mixed>>
     */
    private function pair(string $manoeuvre, array $hurt, array $other): array
    {
        return [
            ['manoeuvre' => $manoeuvre, 'side' => 'right', ...$other],
            ['manoeuvre' => $manoeuvre, 'side' => 'left', ...$hurt],
        ];
    }
}
