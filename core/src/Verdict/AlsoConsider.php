<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Standing\Standing;

/**
 * What lies outside the nine conditions but showed in what was recorded. Limits are working estimates.
 *
 * @internal
 */
final readonly class AlsoConsider
{
    private const WASTING_CM = 1.5;

    private const OVER_STRAIGHT_DEG = 15.0;

    private const OLDER_AGE = 45;

    private const DISCOID_AGE = 12;

    /** Share by which one side is weaker before it is worth saying. */
    private const WEAKER = 0.1;

    private HurtKnee $knee;

    private function __construct(private Examination $examination, private Standing $standing)
    {
        $this->knee = new HurtKnee($examination);
    }

    /**
     * @return list<Consideration>
     */
    public static function of(Examination $examination, Standing $standing): array
    {
        $also = new self($examination, $standing);

        return array_values(array_filter([
            ...$also->tendonsAndSkin(),
            ...$also->insideAndBehind(),
            ...$also->theYoung(),
            ...$also->movement(),
        ]));
    }

    /**
     * @return list<Consideration|null>
     */
    private function tendonsAndSkin(): array
    {
        $knee = $this->knee;
        $tendon = $knee->flagHereOnly('kneecap_tendon', 'tender') || $knee->tender('patellar_tendon', 'lower_pole');
        $tipped = $knee->flag('kneecap_tendon', 'worseTipped') ? ', more so with the patella tipped' : '';
        $fatPad = $knee->flagHereOnly('fat_pad_pinch', 'painMedial')
            || $knee->flagHereOnly('fat_pad_pinch', 'painLateral');

        return [
            self::when(
                $tendon,
                'patellar_tendon',
                "The patellar tendon or the lower pole is tender{$tipped}.",
                'The tendon below your kneecap is sore.',
                weeks: true,
            ),
            self::when(
                $knee->tender('quadriceps_tendon'),
                'quadriceps_tendon',
                'The quadriceps tendon is tender.',
                'The tendon above your kneecap is sore.',
                weeks: true,
            ),
            self::when(
                $fatPad,
                'fat_pad',
                'Pinching the fat pad hurts.',
                'The soft pad below your kneecap is sore.',
                weeks: true,
            ),
            self::when(
                $knee->flag('plica_roll', 'popOrPain'),
                'plica',
                'A cord inside the patella pops or hurts.',
                'A cord beside your kneecap pops or hurts.',
            ),
            self::when(
                $knee->flag('lateral_band_press', 'painAt30') || $knee->tender('outer_band'),
                'outer_band_friction',
                'The iliotibial band hurts over the outer condyle.',
                'The band along the outer side is sore.',
                weeks: true,
            ),
            self::when(
                $knee->tender('pes_insertion'),
                'pes_bursa',
                'The pes anserinus is tender.',
                'The inner side below the joint is sore.',
            ),
            self::when(
                $knee->tender('kneecap_front'),
                'front_bursa',
                'The front of the patella is tender.',
                'The front of your kneecap is sore.',
            ),
            self::when(
                $knee->tender('biceps_tendon'),
                'biceps_tendon',
                'The biceps tendon is tender.',
                'A tendon at the outer side is sore.',
            ),
        ];
    }

    /**
     * @return list<Consideration|null>
     */
    private function insideAndBehind(): array
    {
        $knee = $this->knee;
        $lingers = $knee->flag('tibial_percussion', 'lingeringPain')
            || $knee->flag('tibial_vibration', 'lingeringPain')
            || $knee->says('shin_palpation', 'tender', 'point');
        $eases = $this->examination->history->said(StoryItem::WarmUpEases)
            && $this->examination->history->hurtsAtShin();
        $shinTendon = ! $lingers && ($eases || $knee->says('shin_palpation', 'tender', 'diffuse'));
        $swelling = $knee->flag('popliteal_look', 'swelling')
            || $knee->tender('popliteal_mass')
            || $knee->says('popliteal_look', 'mass', 'soft');
        $screens = array_filter(
            ['hip_screen', 'ankle_screen', 'back_screen'],
            fn (string $screen): bool => $knee->says($screen, 'result', 'abnormal') || $knee->flag(
                $screen,
                'inwardRotationLimited',
            ),
        );

        return [
            self::when(
                $swelling,
                'popliteal_cyst',
                'A swelling behind the knee: look for its cause inside the knee.',
                'There is a swelling behind your knee.',
                doctor: true,
            ),
            self::when(
                $this->examination->isAtLeast(self::OLDER_AGE) && $knee->flag('active_range', 'crepitus'),
                'wear',
                'Crepitus at this age: think of wear.',
                'Your knee grates when it moves.',
            ),
            self::when(
                $lingers,
                'shin_bone_stress',
                'Pain in the shin lingers after a tap, or sits at one point.',
                'The bone of your shin is sore.',
            ),
            self::when(
                $shinTendon,
                'shin_tendon',
                'Shin pain that spreads or eases with warming up, and does not linger after a tap: think of the tendons along the shin.',
                'The tendons along your shin are sore.',
                weeks: true,
            ),
            self::when(
                $knee->flag('upper_tibiofibular_glide', 'loose') || $knee->tender('upper_tibiofibular_joint'),
                'upper_tibiofibular_joint',
                'The joint between fibula and tibia is loose or tender.',
                'The small joint at the outer side is loose or sore.',
            ),
            self::when(
                $screens !== [],
                'neighbour_joint',
                'Hip, ankle or back is not normal.',
                'Your hip, ankle or back does not move as it should.',
            ),
        ];
    }

    /**
     * What must be thought of while bone grows.
     *
     * @return list<Consideration|null>
     */
    private function theYoung(): array
    {
        if (! $this->examination->isGrowing()) {
            return [];
        }
        $history = $this->examination->history;
        $fluid = $this->standing->counted('effusion') === Outcome::Positive;
        $stuck = $history->said(StoryItem::Locking)
            || $history->said(StoryItem::Catching)
            || $this->standing->isPositive('loss_of_extension');
        $ligament = $this->standing->isPositive(
            'lachman',
            'anterior_drawer',
            'valgus_0_laxity',
            'valgus_30_laxity',
            'varus_0_laxity',
            'varus_30_laxity',
        );
        $noInjury = ! $this->examination->isAfterInjury();

        return [
            self::when(
                $this->knee->tender('tibial_tubercle'),
                'growth_plate_tubercle',
                'The tibial tubercle is tender in a growing athlete.',
                'The bump below your knee is sore, where bone still grows.',
                weeks: true,
            ),
            self::when(
                $this->knee->tender('lower_pole'),
                'lower_pole',
                'The lower pole of the patella is tender in a growing athlete.',
                'The lower end of your kneecap is sore, where bone still grows.',
                weeks: true,
            ),
            self::when(
                $this->examination->isAfterInjury() && ($fluid || $ligament),
                'growing_bone',
                'An injured growing knee: growth plate, tibial spine or sleeve avulsion.',
                'Where bone still grows, it can be hurt.',
            ),
            self::when(
                $fluid || $stuck,
                'osteochondritis',
                'Fluid, catching or a lost range in a growing athlete: think of osteochondritis.',
                '',
                doctor: $noInjury,
            ),
            self::when(
                $this->examination->isUnder(self::DISCOID_AGE) && $stuck,
                'discoid_meniscus',
                'Catching or snapping below twelve: think of a discoid lateral meniscus.',
                '',
                doctor: $noInjury,
            ),
            self::when(
                $noInjury && $this->examination->hurt('hip_screen') === null,
                'hip',
                'Knee pain without an injury in the young may come from the hip: screen it.',
                '',
            ),
        ];
    }

    /**
     * @return list<Consideration|null>
     */
    private function movement(): array
    {
        $knee = $this->knee;
        $drifts = $knee->says('single_leg_squat', 'kneeDrift', 'mild', 'marked')
            || $knee->says('single_leg_sit_to_stand', 'kneeDrift', 'mild', 'marked')

                || $knee->says('alignment', 'kneecapFacing', 'inward')
                || $knee->flag('alignment', 'archDropped')
                || $knee->record('single_leg_squat')?->flag('pelvisLevel') === false;
        $weak = array_filter(
            ['resisted_extension' => 'knee extension', 'resisted_flexion' => 'knee flexion'],
            $this->isWeaker(...),
            ARRAY_FILTER_USE_KEY,
        );
        $heel = $this->examination->otherKneeReliable ? $knee->difference('passive_extension', 'heelHeightCm') : null;
        $springy = $knee->says('passive_extension', 'endFeel', 'springy');

        return [
            self::when(
                $this->isWeaker('hip_abductor_strength')
                    || ($knee->number('hip_abductor_strength', 'strength') ?? 5.0) < 5.0,
                'weak_hip_abductors',
                'The hip abductors are weak.',
                'The muscles at the side of your hip are weak.',
            ),
            self::when(
                $weak !== [],
                'weak_thigh',
                'Weaker than the other side: '.implode(' and ', $weak).'.',
                'Your thigh is weaker on this side.',
            ),
            self::when(
                $drifts,
                'knee_drifting_in',
                'The knee drifts inward under load, or the alignment favours it.',
                'Your knee drifts inward under load.',
            ),
            self::when(
                ($knee->difference('inspection', 'girthCm') ?? 0.0) <= -self::WASTING_CM
                    || $knee->flagHereOnly('inspection', 'wasting'),
                'quadriceps_wasting',
                'The thigh is thinner than the other.',
                'Your thigh is thinner on this side.',
            ),
            self::when(
                ($knee->number('active_range', 'lagDeg') ?? 0.0) > 0
                    || $knee->says('straight_leg_raise', 'result', 'lag'),
                'lag',
                'The knee cannot be held as straight as it can be put.',
                'You cannot hold the knee as straight as it can go.',
            ),
            self::when(
                $this->overStraight(),
                'over_straight',
                'The knee goes far over straight, or further than the other.',
                'Your knee goes over straight.',
            ),
            self::when(
                $heel !== null && $heel >= 2 && ! $springy,
                'heel_high',
                'The heel lies 2 cm or more higher than the other with a firm end: short of straight.',
                'Your knee does not go as straight as the other.',
            ),
            self::when(
                $knee->says('gait', 'pattern', 'varus_thrust'),
                'outer_thrust',
                'The knee thrusts outward when walking: lateral side and corner.',
                'Your knee is pushed outward when you walk.',
            ),
            self::when(
                $knee->says('gait', 'pattern', 'valgus_thrust'),
                'inner_thrust',
                'The knee thrusts inward when walking: medial side.',
                'Your knee is pushed inward when you walk.',
            ),
        ];
    }

    /** By more than a tenth in newtons, or by one grade of five. */
    private function isWeaker(string $manoeuvre): bool
    {
        $hurt = $this->knee->record($manoeuvre);
        $other = $this->examination->otherKneeReliable ? $this->examination->other($manoeuvre) : null;
        $grades = Record::difference($hurt, $other, 'strength');
        $sound = $other?->number('newtons');
        $newtons = Record::difference($hurt, $other, 'newtons');

        return ($grades !== null && $grades <= -1)
            || ($newtons !== null && $sound !== null && $newtons < -self::WEAKER * $sound);
    }

    private function overStraight(): bool
    {
        $extension = $this->knee->number('passive_extension', 'extensionDeg') ?? 0.0;
        $difference = $this->knee->difference('passive_extension', 'extensionDeg');

        return $extension > self::OVER_STRAIGHT_DEG || ($difference !== null && $difference > 0 && $extension > 0);
    }

    private static function when(
        bool $applies,
        string $id,
        string $why,
        string $found,
        bool $doctor = false,
        bool $weeks = false,
    ): ?Consideration {
        return $applies ? new Consideration($id, $why, $found, $doctor, $weeks) : null;
    }
}
