<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Safety\Bend;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Safety\Weight;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is worn and what is done with the leg: by the safety lines, or without one by what was found. */
final class SupportTest extends TestCase
{
    /**
     * @return iterable<string, array{Knee, string, string}> knee, support, range
     */
    public static function reasons(): iterable
    {
        foreach (['calfTense', 'openWound', 'deformity', 'kneecapOutNow', 'cannotFlexTo90'] as $key) {
            yield $key => [Knee::hurt()->with('safety', [$key => true]), 'as_found', ''];
        }
        yield 'growing bone' => [
            Knee::hurt()->with('ageYears', 12)->found('effusion_sweep', ['grade' => 'refills']),
            'as_found',
            '',
        ];
        yield 'nerve' => [Knee::hurt()->with('safety', ['footDropped' => true]), 'immobiliser', ''];
        yield 'extensor' => [Knee::hurt()->with('safety', ['cannotStraightLegRaise' => true]), 'immobiliser', ''];
        $out = static fn (int $days): Knee => Knee::hurt()->with('daysSinceInjury', $days)->with(
            'history',
            ['kneecapShifted' => true],
        )->found(
            'effusion_sweep',
            ['grade' => 'bulge'],
        );
        yield 'kneecap, day 3' => [$out(3), 'immobiliser', 'few_days'];
        yield 'kneecap, day 4' => [$out(4), 'none', ''];
        yield 'PCL' => [
            TypicalKnees::tornPcl(),
            'extension_splint_calf_support',
            'straight_to_week_6',
        ];
        yield 'PCL, day 42' => [
            TypicalKnees::tornPcl()->with('daysSinceInjury', 42),
            'extension_splint_calf_support',
            'straight_to_week_6',
        ];
        yield 'PCL, day 43' => [TypicalKnees::tornPcl()->with('daysSinceInjury', 43), 'none', ''];
        yield 'MCL 2' => [TypicalKnees::looseInnerSide(6), 'hinged_limited', 'grade_2'];
        yield 'MCL 3' => [TypicalKnees::looseInnerSide(11), 'hinged_limited', 'grade_3'];
        yield 'outer side' => [
            TypicalKnees::looseOuterSide()->with('safety', ['xrayClear' => true]),
            'hinged_limited',
            'locked',
        ];
        yield 'soft end alone' => [
            Knee::hurt()->found(
                'valgus_30',
                ['openingMm' => 3, 'endFeel' => 'soft'],
                ['openingMm' => 3, 'endFeel' => 'firm'],
            ),
            'none',
            '',
        ];
        yield 'graft of 20 weeks' => [
            Knee::hurt()->with('daysSinceInjury', 200)->with(
                'episode',
                [
                    'operated' => ['what' => 'acl', 'weeksAgo' => 20],
                    'surgeonSaid' => ['on' => '2026-03-14', 'cleared' => false],
                ],
            ),
            'functional_hinged',
            '',
        ];
        yield 'graft of 20 weeks, no word of the surgeon' => [
            Knee::hurt()->with('daysSinceInjury', 200)->with(
                'episode',
                ['operated' => ['what' => 'acl', 'weeksAgo' => 20]],
            ),
            'none',
            '',
        ];
        yield 'ACL, old, no surgeon' => [TypicalKnees::tornAcl()->with('daysSinceInjury', 60), 'none', ''];
        yield 'firm sprain, walking' => [self::sprain()->walked('normal'), 'hinged_sleeve', 'some_weeks'];
        yield 'firm sprain, not walking' => [self::sprain()->walked('antalgic'), 'none', ''];
    }

    #[DataProvider('reasons')]
    public function test_each_reason_has_its_support(Knee $knee, string $type, string $range): void
    {
        $support = $knee->assessed()->plan->support;
        self::assertSame([$type, $range], [$support->type->value, $support->range->value ?? '']);
        if (! in_array($type, ['none', 'hinged_sleeve'], true)) {
            self::assertSame($type !== 'functional_hinged' || $support->crutches, $support->crutches);
            self::assertNotNull($knee->assessed()->plan->lookAgain);
        }
    }

    public function test_a_grade_below_the_point_of_acting_is_only_conditional(): void
    {
        $loose = Knee::hurt()->with('daysSinceInjury', 30)->found(
            'valgus_30',
            ['openingMm' => 8, 'endFeel' => 'firm'],
            ['openingMm' => 2, 'endFeel' => 'firm'],
        )->found('valgus_0', ['normal' => true], ['normal' => true]);
        self::assertSame('If it is the MCL, then grade 2.', English::of($loose->assessed()->plan->support->why));
        self::assertSame('MCL sprain, grade 2.', English::of(TypicalKnees::looseInnerSide(6)->assessed()->plan->support->why));
    }

    public function test_every_support_has_words_and_its_price(): void
    {
        foreach (SupportType::cases() as $type) {
            self::assertNotSame('', $type->words());
            self::assertSame(in_array($type, [SupportType::None, SupportType::AsFound], true), English::of($type->cost()) === '');
        }
    }

    /**
     * @return iterable<string, array{SafetyRule, string|null, string|null, bool|null}> rule, weight, bend, may drive
     */
    public static function advice(): iterable
    {
        foreach ([SafetyRule::LimbThreat, SafetyRule::OpenJoint, SafetyRule::FractureLikely, SafetyRule::MultiLigament] as $rule) {
            yield $rule->value => [$rule, 'carried', 'do_not', false];
        }
        yield 'kneecap' => [SafetyRule::KneecapOut, 'none', 'do_not', false];
        yield 'nerve' => [SafetyRule::NerveSign, 'none_until_seen', 'do_not', false];
        yield 'chest' => [SafetyRule::ChestSigns, 'none', null, false];
        yield 'fracture rule' => [SafetyRule::FractureRulePositive, 'none_until_xray', 'do_not_force', false];
        yield 'growing bone' => [SafetyRule::GrowingBone, 'none_until_xray', 'do_not_force', false];
        yield 'infection' => [SafetyRule::JointInfection, 'as_little', 'as_it_allows', false];
        yield 'hot' => [SafetyRule::HotKneeUnasked, 'as_little', 'as_it_allows', false];
        yield 'extensor' => [SafetyRule::ExtensorRupture, 'crutches', 'do_not', false];
        yield 'clot' => [SafetyRule::ClotSuspected, 'short_ways', null, false];
        yield 'young hip' => [SafetyRule::HipFirst, 'none', null, false];
        yield 'hip' => [SafetyRule::HipCheck, 'short_ways', null, null];
        yield 'pain' => [SafetyRule::SeverePain, 'crutches', 'as_it_allows', false];
        yield 'locked' => [SafetyRule::LockedKnee, 'crutches', 'do_not_force', false];
        yield 'bleeding' => [SafetyRule::BleedingRisk, 'crutches', 'as_it_allows', false];
        yield 'swelling' => [SafetyRule::SwellingWithoutInjury, 'as_it_allows', 'as_it_allows', null];
        yield 'bone stress' => [SafetyRule::BoneStress, 'only_without_pain', null, null];
    }

    #[DataProvider('advice')]
    public function test_each_line_has_its_row_of_advice(SafetyRule $rule, ?string $weight, ?string $bend, ?bool $drive): void
    {
        $advice = (new Figures)->rules()->of($rule)->advice;
        self::assertSame([$weight, $bend, $drive], [$advice?->weight?->value, $advice?->bend?->value, $advice?->drive]);
    }

    public function test_of_two_lines_the_stricter_advice_holds(): void
    {
        $advice = Knee::hurt()->with(
            'safety',
            ['calfSwollenTender' => true, 'cannotFlexTo90' => true],
        )->assessed()->plan->conduct->advice;
        self::assertSame(
            [Weight::NoneUntilXray, Bend::DoNotForce, false],
            [$advice->weight, $advice->bend, $advice->drive],
        );
        self::assertSame(
            'leg.limb_threat.calf_tense',
            (new Figures)->rules()->of(SafetyRule::LimbThreat, 'calf_tense')->advice?->knee?->code,
        );
    }

    public function test_without_a_line_crutches_stay_until_the_limp_is_gone(): void
    {
        self::assertTrue(Knee::hurt()->assessed()->plan->support->crutches, 'the gait was not recorded');
        self::assertFalse(Knee::hurt()->walked('normal')->assessed()->plan->support->crutches);
        self::assertTrue(Knee::hurt()->walked('antalgic')->assessed()->plan->support->crutches);
        self::assertFalse(Knee::hurt()->with('daysSinceInjury', null)->assessed()->plan->support->crutches);
        self::assertTrue(Knee::hurt()->walked('normal')->assessed()->plan->conduct->walksFreely);
    }

    private static function sprain(): Knee
    {
        return Knee::hurt()->with('history', ['mechanism' => ['valgus_blow', 'rotational_trauma']])
            ->found(
                'valgus_30',
                ['openingMm' => 2, 'endFeel' => 'firm', 'pain' => 4, 'painSite' => 'medial'],
                ['openingMm' => 2, 'endFeel' => 'firm'],
            )
            ->found('landmark_palpation', ['tender' => ['medial_ligament_course']]);
    }
}
