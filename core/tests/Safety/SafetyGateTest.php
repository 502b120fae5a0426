<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Safety\OffLimits;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\ShippedData;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule of the gate: when it applies, how urgent it is, what it takes off the table. */
final class SafetyGateTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, bool>, array<string, mixed>, string, string|null}> answers, frame, rule, urgency
     */
    public static function rules(): iterable
    {
        foreach (['pulseOrSensationLost', 'dislocationSuspected', 'reducedOnItsOwn', 'calfTense'] as $key) {
            yield "limb {$key}" => [[$key => true], [], 'limb_threat', 'emergency'];
        }
        yield 'nerve fresh' => [['footDropped' => true], ['daysSinceInjury' => 7], 'nerve_sign', 'emergency'];
        yield 'nerve old' => [['footDropped' => true], ['daysSinceInjury' => 8], 'nerve_sign', 'same_day'];
        yield 'open joint' => [['openWound' => true], [], 'open_joint', 'emergency'];
        yield 'chest with calf' => [['breathlessOrChestPain' => true, 'calfSwollenTender' => true], [], 'chest_signs', 'emergency'];
        yield 'chest alone' => [['breathlessOrChestPain' => true], [], 'chest_signs', null];
        yield 'kneecap out' => [['kneecapOutNow' => true], [], 'kneecap_out', 'emergency'];
        yield 'deformity' => [['deformity' => true], [], 'fracture_likely', 'same_day'];
        yield 'crepitus' => [['boneCrepitus' => true], [], 'fracture_likely', 'same_day'];
        foreach (['cannotTakeFourSteps', 'cannotFlexTo90', 'tenderPatellaAlone', 'tenderFibularHead'] as $key) {
            yield "fracture rule {$key}" => [[$key => true], ['daysSinceInjury' => 7], 'fracture_rule_positive', 'same_day'];
        }
        yield 'fracture rule by age' => [[], ['ageYears' => 55], 'fracture_rule_positive', 'same_day'];
        yield 'fracture rule just younger' => [[], ['ageYears' => 54], 'fracture_rule_positive', null];
        yield 'fracture rule too late' => [['cannotFlexTo90' => true], ['daysSinceInjury' => 8], 'fracture_rule_positive', null];
        yield 'fracture rule after a clear X-ray' => [['cannotFlexTo90' => true, 'xrayClear' => true], [], 'fracture_rule_positive', null];
        yield 'infection' => [['feverOrHotRedKnee' => true], [], 'joint_infection', 'same_day'];
        yield 'extensor' => [['cannotStraightLegRaise' => true], [], 'extensor_rupture', 'same_day'];
        yield 'extensor without injury' => [['cannotStraightLegRaise' => true], ['daysSinceInjury' => null], 'extensor_rupture', null];
        yield 'clot by calf' => [['calfSwollenTender' => true], [], 'clot_suspected', 'same_day'];
        yield 'clot by pitting' => [['pittingOneSide' => true], [], 'clot_suspected', 'same_day'];
        yield 'hip' => [['limpHipLimited' => true], ['ageYears' => 12], 'hip_first', 'same_day'];
        yield 'rest pain' => [['nightOrRestPain' => true], ['ageYears' => 30], 'rest_pain', 'days'];
        yield 'rest pain of a minor' => [['nightOrRestPain' => true], ['ageYears' => 17], 'rest_pain', 'same_day'];
        yield 'severe pain' => [['painAtRest7' => true], [], 'severe_pain', 'same_day'];
        yield 'locked' => [['lockedShort' => true], [], 'locked_knee', 'days'];
        yield 'surgery' => [['recentSurgery' => true], [], 'recent_surgery', 'routine'];
        yield 'general swelling' => [['pittingBoth' => true], [], 'general_swelling', 'days'];
        yield 'bone stress' => [['shinPainGrows' => true], [], 'bone_stress', 'days'];
    }

    /**
     * @param  array<string, bool>  $answers
     * @param  array<string, mixed>  $frame
     */
    #[DataProvider('rules')]
    public function test_a_rule_applies_when_it_should(array $answers, array $frame, string $rule, ?string $urgency): void
    {
        $knee = Knee::hurt()->with('safety', $answers);
        foreach ($frame as $key => $value) {
            $knee->with($key, $value);
        }
        self::assertSame($urgency, $knee->lines()[$rule] ?? null);
    }

    /**
     * @return iterable<array{string, list<string>, list<string>}> rule, some of what it takes away, some of what it leaves
     */
    public static function limits(): iterable
    {
        yield ['limb_threat', ['lachman', 'effusion_sweep', 'warmth', 'hip_screen'], ['posterior_sag', 'inspection', 'distal_pulse']];
        yield ['multi_ligament', ['pivot_shift', 'lachman', 'valgus_30', 'dial_30'], ['mcmurray', 'effusion_sweep', 'posterior_sag']];
        yield ['nerve_sign', ['valgus_0', 'reverse_pivot_shift'], ['lachman', 'ankle_lift']];
        yield ['open_joint', ['lachman', 'patellar_tap'], ['inspection', 'sensation']];
        yield ['chest_signs', ['lachman', 'patellar_tap'], ['inspection', 'distal_pulse']];
        yield ['kneecap_out', ['kneecap_glide', 'active_range'], ['inspection', 'distal_pulse']];
        yield ['fracture_likely', ['lachman', 'straight_leg_raise'], ['alignment', 'sensation']];
        yield ['fracture_rule_positive', ['pivot_shift', 'mcmurray', 'apley', 'hop', 'valgus_30', 'resisted_extension', 'anterior_drawer', 'posterior_drawer', 'quadriceps_active'], ['straight_leg_raise', 'posterior_sag', 'lachman', 'effusion_sweep', 'joint_line_palpation']];
        yield ['joint_infection', ['lachman', 'warmth'], ['effusion_sweep', 'inspection']];
        yield ['extensor_rupture', ['deep_squat', 'resisted_extension', 'quadriceps_active', 'kneecap_glide', 'kneecap_glide_moving'], ['straight_leg_raise', 'lachman', 'kneecap_compression']];
        yield ['clot_suspected', ['apley', 'dial_30', 'popliteal_look', 'tibial_percussion', 'hop'], ['lachman', 'tibial_vibration']];
        yield ['hip_first', ['hop', 'deep_squat'], ['lachman', 'hip_screen']];
        yield ['rest_pain', [], ['lachman', 'hop']];
        yield ['severe_pain', ['hop', 'pivot_shift', 'mcmurray'], ['lachman']];
        yield ['locked_knee', ['bounce_home', 'mcmurray', 'thessaly_20', 'deep_squat', 'single_leg_squat', 'passive_extension'], ['lachman', 'hop']];
        yield ['recent_surgery', ['pivot_shift', 'lachman', 'mcmurray', 'hop', 'resisted_extension'], ['valgus_30', 'effusion_sweep']];
        yield ['bone_stress', ['hop', 'run_cut_stop'], ['deep_squat']];
        yield ['general_swelling', [], ['lachman']];
        yield ['bleeding_risk', [], ['lachman']];
    }

    /**
     * @param  list<string>  $away
     * @param  list<string>  $left
     */
    #[DataProvider('limits')]
    public function test_a_rule_takes_away_what_it_should(string $rule, array $away, array $left): void
    {
        $catalogue = (new ShippedData)->catalogue();
        foreach ($away as $id) {
            self::assertTrue(OffLimits::by(Rule::from($rule), $catalogue->get($id)), "{$rule} should take away {$id}");
        }
        foreach ([...$left, 'distal_pulse', 'sensation', 'ankle_lift'] as $id) {
            self::assertFalse(OffLimits::by(Rule::from($rule), $catalogue->get($id)), "{$rule} should leave {$id}");
        }
    }

    public function test_every_rule_is_in_the_tables_above(): void
    {
        $limits = array_column(iterator_to_array(self::limits(), false), 0);
        self::assertEqualsCanonicalizing(array_column(Rule::cases(), 'value'), $limits);
    }

    public function test_lines_are_told_most_urgent_first(): void
    {
        $lines = Knee::hurt()->with('safety', ['recentSurgery' => true, 'nightOrRestPain' => true, 'openWound' => true, 'deformity' => true, 'calfTense' => true])->lines();
        self::assertSame(['limb_threat', 'open_joint', 'fracture_likely', 'rest_pain', 'recent_surgery'], array_keys($lines));
    }

    public function test_each_blocked_manoeuvre_names_the_most_urgent_rule_against_it(): void
    {
        $gate = Knee::hurt()->with('safety', ['cannotTakeFourSteps' => true, 'lockedShort' => true, 'recentSurgery' => true])->assessed()->gate;
        self::assertSame($gate->blocked, array_keys($gate->blockedBy));
        self::assertSame(Rule::FractureRulePositive, $gate->blockedBy['mcmurray']);
        self::assertSame(Rule::LockedKnee, $gate->blockedBy['passive_extension']);
        self::assertSame(Rule::RecentSurgery, $gate->blockedBy['lachman']);
        self::assertArrayNotHasKey('effusion_sweep', $gate->blockedBy);
    }

    public function test_a_manoeuvre_off_limits_is_refused_unless_it_says_why(): void
    {
        $shut = static fn (array $finding): Knee => Knee::hurt()->with('safety', ['calfTense' => true])->found('inspection', ['scar' => false])->found('lachman', $finding);
        self::assertSame('findings[1]', $shut(['translationMm' => 9])->refusal()->path);
        self::assertStringContainsString('limb_threat', $shut(['translationMm' => 9])->refusal()->reason);
        self::assertTrue($shut(['translationMm' => 12, 'override' => 'the surgeon asked'])->result('lachman')->overridden);
        self::assertTrue($shut(['translationMm' => 12, 'override' => 'the surgeon asked'])->result('lachman')->counts());
        self::assertSame('', $shut(['notDone' => 'not_safe'])->reads('lachman'));
        self::assertFalse(Knee::hurt()->found('lachman', ['translationMm' => 12, 'override' => 'nothing was in the way'])->result('lachman')->overridden);
    }

    public function test_a_finding_can_raise_a_rule_for_what_follows_it(): void
    {
        $lingering = ['lingeringPain' => true];
        self::assertSame('findings[1]', Knee::hurt()->found('tibial_percussion', $lingering)->found('hop', ['pain' => 0])->refusal()->path);
        self::assertSame('days', Knee::hurt()->found('hop', ['pain' => 0])->found('tibial_vibration', $lingering)->lines()['bone_stress']);
        self::assertSame('emergency', Knee::hurt()->found('distal_pulse', ['result' => 'abnormal'])->lines()['limb_threat']);
        self::assertSame('emergency', Knee::hurt()->found('ankle_lift', ['result' => 'abnormal'])->lines()['nerve_sign']);
        $hip = Knee::hurt()->found('hip_screen', ['inwardRotationLimited' => true]);
        self::assertArrayNotHasKey('hip_first', $hip->with('ageYears', 18)->lines());
        self::assertArrayHasKey('hip_first', $hip->with('ageYears', 17)->lines());
    }

    public function test_the_gate_opens_when_its_questions_are_answered(): void
    {
        $all = array_fill_keys(['deformity', 'dislocationSuspected', 'pulseOrSensationLost', 'feverOrHotRedKnee', 'cannotTakeFourSteps', 'cannotFlexTo90', 'tenderPatellaAlone', 'tenderFibularHead'], false);
        self::assertTrue(Knee::hurt()->with('safety', $all)->assessed()->gate->open);
        foreach (array_keys($all) as $key) {
            self::assertFalse(Knee::hurt()->with('safety', array_diff_key($all, [$key => 0]))->assessed()->gate->open, $key);
        }
        $byHand = Knee::hurt()->with('safety', array_diff_key($all, ['pulseOrSensationLost' => 0]))->found('distal_pulse', ['result' => 'normal']);
        self::assertTrue($byHand->assessed()->gate->open);
        self::assertTrue(Knee::hurt()->with('daysSinceInjury', null)->assessed()->gate->open);
    }

    public function test_several_loose_ligaments_are_an_emergency_that_never_refuses_what_is_recorded(): void
    {
        $loose = ['translationMm' => 14, 'endFeel' => 'soft'];
        $tight = ['translationMm' => 3, 'endFeel' => 'firm'];
        $open = static fn (float $mm): array => ['openingMm' => $mm, 'endFeel' => 'firm'];
        $both = Knee::hurt()->found('lachman', $loose, $tight)->found('posterior_drawer', $loose, $tight);
        self::assertSame('emergency', $both->lines()['multi_ligament']);
        self::assertContains('valgus_30', $both->assessed()->gate->blocked);
        self::assertArrayHasKey('multi_ligament', Knee::hurt()->found('lachman', $loose, $tight)->found('valgus_30', $open(14), $open(3))->lines());
        self::assertArrayHasKey('multi_ligament', Knee::hurt()->found('lachman', $loose, $tight)->found('valgus_0', $open(7), $open(3))->lines());
        self::assertArrayNotHasKey('multi_ligament', Knee::hurt()->found('lachman', $loose, $tight)->found('valgus_30', $open(9), $open(3))->lines());
        $three = Knee::hurt()->found('lachman', $loose, $tight)->found('valgus_30', $open(9), $open(3))->found('varus_30', $open(9), $open(3));
        self::assertArrayHasKey('multi_ligament', $three->lines());
        self::assertArrayNotHasKey('multi_ligament', $three->with('daysSinceInjury', 15)->lines());
    }

    public function test_blood_in_the_knee_of_one_who_bleeds_easily_is_seen_today(): void
    {
        $knee = Knee::hurt()->with('episode', ['bleedingRisk' => true])->with('history', ['swellingOnset' => 'within_2_hours']);
        self::assertArrayNotHasKey('bleeding_risk', $knee->lines());
        self::assertSame('same_day', $knee->found('effusion_sweep', ['grade' => 'bulge'])->lines()['bleeding_risk']);
    }

    public function test_the_words_for_a_minor_name_the_growth_plate(): void
    {
        $say = static fn (int $age): string => Knee::hurt()->with('ageYears', $age)->with('safety', ['cannotFlexTo90' => true])->assessed()->gate->lines[0]->say;
        self::assertStringContainsString('growth plate', $say(17));
        self::assertStringNotContainsString('growth plate', $say(18));
    }

    public function test_all_manoeuvres_have_a_name(): void
    {
        foreach ((new ShippedData)->catalogue()->manoeuvres as $manoeuvre) {
            self::assertInstanceOf(Manoeuvre::class, $manoeuvre);
            self::assertNotSame('', $manoeuvre->card->name);
        }
    }
}
