<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\StoryItem;

/** What lies outside the nine conditions but showed in what was recorded. */
final class AlsoConsider
{
    private const WASTING_CM = 1.5;

    private const OVER_STRAIGHT_DEG = 15.0;

    private const OLDER_AGE = 45;

    /**
     * @return list<Consideration>
     */
    public static function of(Examination $examination): array
    {
        $seen = new HurtKnee($examination);
        $tender = $seen->words('landmark_palpation', 'tender');
        $rows = [
            ['patellar_tendon', $seen->flag('kneecap_tendon', 'tender') || array_intersect($tender, ['patellar_tendon', 'lower_pole']) !== [], 'The patellar tendon or the lower pole is tender.'],
            ['fat_pad', $seen->flag('fat_pad_pinch', 'painMedial') || $seen->flag('fat_pad_pinch', 'painLateral'), 'Pinching the fat pad hurts.'],
            ['plica', $seen->flag('plica_roll', 'popOrPain'), 'A cord inside the kneecap pops or hurts.'],
            ['outer_band_friction', $seen->flag('lateral_band_press', 'painAt30') || in_array('outer_band', $tender, true), 'The iliotibial band hurts over the outer condyle.'],
            ['pes_bursa', in_array('pes_insertion', $tender, true), 'The pes anserinus is tender.'],
            ['front_bursa', in_array('kneecap_front', $tender, true), 'The front of the kneecap is tender.'],
            ['growth_plate_tubercle', in_array('tibial_tubercle', $tender, true) && $examination->ageYears !== null && $examination->ageYears < 18, 'The tibial tubercle is tender in a growing athlete.'],
            ['popliteal_cyst', $seen->flag('popliteal_look', 'swelling') || in_array('popliteal_mass', $tender, true), 'A swelling behind the knee: look for its cause inside the knee.'],
            ['wear', ($examination->ageYears ?? 0) >= self::OLDER_AGE && $seen->flag('active_range', 'crepitus'), 'Crepitus at this age: think of wear.'],
            ['shin_bone_stress', $seen->flag('tibial_percussion', 'lingeringPain') || $seen->flag('tibial_vibration', 'lingeringPain'), 'Pain in the shin lingers after a tap.'],
            ['shin_tendon', self::shinEases($examination, $seen), 'Shin pain that eases with warming up and does not linger after a tap: think of the tendons along the shin.'],
            ['upper_tibiofibular_joint', $seen->flag('upper_tibiofibular_glide', 'loose') || in_array('upper_tibiofibular_joint', $tender, true), 'The joint between fibula and tibia is loose or tender.'],
            ['weak_hip_abductors', ($seen->number('hip_abductor_strength', 'strength') ?? 5.0) < 5.0, 'The hip abductors are weak.'],
            ['knee_drifting_in', in_array($seen->word('single_leg_squat', 'kneeDrift'), ['mild', 'marked'], true), 'The knee drifts inward under load.'],
            ['quadriceps_wasting', ($seen->difference('inspection', 'girthCm') ?? 0.0) <= -self::WASTING_CM, 'The thigh is 1.5 cm or more thinner than the other.'],
            ['lag', ($seen->number('active_range', 'lagDeg') ?? 0.0) > 0 || $seen->word('straight_leg_raise', 'result') === 'lag', 'The knee cannot be held as straight as it can be put.'],
            ['over_straight', self::overStraight($seen), 'The knee goes far over straight, or further than the other.'],
            ['neighbour_joint', array_filter(['hip_screen', 'ankle_screen', 'back_screen'], static fn (string $screen): bool => $seen->word($screen, 'result') === 'abnormal') !== [], 'Hip, ankle or back is not normal.'],
        ];

        return array_values(array_map(
            static fn (array $row): Consideration => new Consideration($row[0], $row[2]),
            array_filter($rows, static fn (array $row): bool => $row[1]),
        ));
    }

    /** Told at the shin and easing with use; bone that is tired hurts more with use. */
    private static function shinEases(Examination $examination, HurtKnee $seen): bool
    {
        $history = $examination->history;
        $lingers = $seen->flag('tibial_percussion', 'lingeringPain') || $seen->flag('tibial_vibration', 'lingeringPain');

        return $history->said(StoryItem::WarmUpEases) && stripos($history->painSite ?? '', 'shin') !== false && ! $lingers;
    }

    private static function overStraight(HurtKnee $seen): bool
    {
        $difference = $seen->difference('passive_extension', 'extensionDeg');

        return ($seen->number('passive_extension', 'extensionDeg') ?? 0.0) > self::OVER_STRAIGHT_DEG
            || ($difference !== null && $difference > 0 && ($seen->number('passive_extension', 'extensionDeg') ?? 0.0) > 0);
    }
}
