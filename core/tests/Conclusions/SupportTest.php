<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Conclusions;

use GrayCompass\Core\Conclusions\SupportType;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the knee may wear, and when it is seen again because of it. */
final class SupportTest extends TestCase
{
    private const SPRAIN = ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 3, 'painSite' => 'medial'];

    private const FIRM = ['openingMm' => 2, 'endFeel' => 'firm'];

    /**
     * @return iterable<string, array{Knee, string}>
     */
    public static function knees(): iterable
    {
        yield 'a sound knee' => [Knee::hurt(), 'none'];
        yield 'grade 1, free' => [self::sprain()->found('hop', ['pain' => 0], ['pain' => 0]), 'hinged_sleeve'];
        yield 'grade 1, hopping hurts' => [self::sprain()->found('hop', ['pain' => 3], ['pain' => 0]), 'none'];
        yield 'grade 1, nothing loaded' => [self::sprain(), 'none'];
        yield 'grade 1, straight not tested' => [Knee::hurt()->found('valgus_30', self::SPRAIN, self::FIRM)->found('hop', ['pain' => 0], ['pain' => 0]), 'none'];
        yield 'inner side, grade 2' => [TypicalKnees::looseInnerSide(6), 'hinged_limited'];
        yield 'outer side, grade 2' => [Knee::hurt()->found('varus_30', ['openingMm' => 8, 'endFeel' => 'firm'], self::FIRM), 'hinged_limited'];
        yield 'corner' => [TypicalKnees::looseCorner()->with('daysSinceInjury', 30), 'hinged_limited'];
        yield 'after an operation' => [Knee::hurt()->with('safety', ['recentSurgery' => true]), 'hinged_limited'];
        yield 'fresh PCL' => [TypicalKnees::tornPcl(), 'extension_splint_calf_support'];
        yield 'old PCL' => [TypicalKnees::tornPcl()->with('daysSinceInjury', 60), 'functional_hinged'];
        yield 'old ACL' => [TypicalKnees::tornAcl()->with('daysSinceInjury', 60), 'functional_hinged'];
        yield 'fresh ACL that walks' => [TypicalKnees::tornAcl(), 'none'];
        yield 'leg cannot be raised' => [Knee::hurt()->found('straight_leg_raise', ['result' => 'unable']), 'immobiliser'];
        yield 'told so at the gate' => [Knee::hurt()->with('safety', ['cannotStraightLegRaise' => true]), 'immobiliser'];
        yield 'kneecap just reduced' => [Knee::hurt()->with('daysSinceInjury', 1)->with('history', ['kneecapShifted' => true, 'firstDislocation' => true]), 'immobiliser'];
        yield 'kneecap out a week ago' => [Knee::hurt()->with('daysSinceInjury', 7)->with('history', ['kneecapShifted' => true, 'firstDislocation' => true]), 'none'];
        yield 'deformity' => [Knee::hurt()->with('safety', ['deformity' => true]), 'immobiliser'];
        yield 'out of joint' => [Knee::hurt()->with('safety', ['reducedOnItsOwn' => true]), 'immobiliser'];
        yield 'a tense calf is not squeezed' => [Knee::hurt()->with('safety', ['calfTense' => true]), 'none'];
        yield 'two ligaments, limping' => [TypicalKnees::tornAcl()->found('valgus_30', ['openingMm' => 8, 'endFeel' => 'soft', 'pain' => 4], self::FIRM)->found('gait', []), 'immobiliser'];
    }

    #[DataProvider('knees')]
    public function test_each_reason_has_its_support(Knee $knee, string $type): void
    {
        $document = $knee->document();
        foreach ($document['findings'] as $at => $finding) {
            if ($finding['manoeuvre'] === 'gait') {
                $document['findings'][$at] = ['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => 'antalgic'];
            }
        }
        $support = $knee->with('findings', $document['findings'])->assessed()->plan->support;
        self::assertSame($type, $support->type->value);
        self::assertNotSame('', $support->why);
        self::assertSame($type === 'none', $support->cost() === '');
    }

    public function test_crutches_go_with_a_limp_or_four_steps_that_fail(): void
    {
        $gait = static fn (string $pattern): Knee => Knee::hurt()->with('findings', [['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => $pattern]]);
        self::assertTrue($gait('antalgic')->assessed()->plan->support->crutches);
        self::assertFalse($gait('normal')->assessed()->plan->support->crutches);
        self::assertTrue(Knee::hurt()->with('safety', ['cannotTakeFourSteps' => true])->assessed()->plan->support->crutches);
    }

    public function test_an_immobiliser_is_looked_at_again_in_days_and_a_referral_within_two_weeks(): void
    {
        $again = Knee::hurt()->found('straight_leg_raise', ['result' => 'unable'])->assessed()->plan->lookAgain;
        self::assertSame([3, 5], [$again?->from, $again?->to]);
        $sent = TypicalKnees::tornMeniscus()->with('history', ['locking' => true])->assessed()->plan->lookAgain;
        self::assertSame(14, $sent?->to);
    }

    public function test_every_support_has_words_and_its_price(): void
    {
        foreach (SupportType::cases() as $type) {
            self::assertNotSame('', $type->words());
            self::assertSame($type === SupportType::None, $type->cost() === '');
        }
    }

    private static function sprain(): Knee
    {
        return Knee::hurt()->found('valgus_0', self::FIRM, self::FIRM)->found('valgus_30', self::SPRAIN, self::FIRM);
    }
}
