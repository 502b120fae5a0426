<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Route;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Route\Itinerary;
use GrayCompass\Core\Route\Order;
use GrayCompass\Core\Route\TimeLimit;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes together on a route: a result that leans on another, and what a gate asks for. */
final class CompanionsTest extends TestCase
{
    private static Catalogue $catalogue;

    public static function setUpBeforeClass(): void
    {
        self::$catalogue = (new Figures)->catalogue();
    }

    /**
     * @return iterable<array{string, list<string>}>
     */
    public static function companions(): iterable
    {
        yield ['lachman', ['posterior_sag']];
        yield ['anterior_drawer', ['posterior_sag']];
        yield ['posterior_drawer', ['posterior_sag']];
        yield ['lever_sign', ['posterior_sag']];
        yield ['arthrometer', ['posterior_sag']];
        yield ['pivot_shift', ['valgus_30', 'passive_extension']];
        yield ['anterolateral_shift', ['valgus_30', 'passive_extension']];
        yield ['dial_90', ['dial_30']];
        yield ['valgus_30', ['valgus_0']];
        yield ['varus_30', ['varus_0']];
    }

    /**
     * @param  list<string>  $companions
     */
    #[DataProvider('companions')]
    public function test_a_time_limit_never_parts_a_result_from_what_it_leans_on(
        string $leaning,
        array $companions,
    ): void
    {
        $both = array_map(self::$catalogue->get(...), [...$companions, $leaning]);
        $ordered = (self::order())->of($both);
        $worth = [$leaning => [0.9, 0.9]];
        $shortened = self::ids((new TimeLimit($worth, [], false))->shorten(
            $ordered,
            Itinerary::minutesFor($ordered) - 0.1,
        ));
        if (self::$catalogue->get($leaning)->has(ManoeuvreTrait::Kept)) {
            self::assertContains($leaning, $shortened, 'no knee goes without it');
        } else {
            self::assertNotContains($leaning, $shortened, 'it goes before what it leans on');
        }
        self::assertSame(self::ids($ordered), self::ids((new TimeLimit($worth, [], false))->shorten($ordered, 60.0)));
    }

    /**
     * @param  list<string>  $companions
     */
    #[DataProvider('companions')]
    public function test_looking_again_brings_the_companions_along(string $leaning, array $companions): void
    {
        $assessor = new Assessor;
        $lastTime = $assessor
            ->lastTime($assessor->read(Knee::plain(Knee::hurt()->found($leaning, ['notDone' => 'time'])->document())));
        $again = $assessor->assess(
            $assessor->read(Knee::plain(Knee::hurt()->with('route', 'look_again')->document())),
            $lastTime,
        )->route;
        self::assertSame([], array_diff([$leaning, ...$companions], Knee::onTheWay($again)));
    }

    public function test_the_front_route_holds_all_that_the_front_of_knee_gate_asks_for(): void
    {
        $asked = [
            'flexion_range', 'passive_extension', 'lachman', 'valgus_30', 'varus_30', 'mcmurray',
            'joint_line_palpation', 'kneecap_tendon', 'fat_pad_pinch',
            'kneecap_compression', 'deep_squat', 'step_down', 'single_leg_sit_to_stand', 'straight_leg_raise',
            'hip_abductor_strength',
        ];
        self::assertSame(
            ['mcmurray'],
            array_values(array_diff($asked, Knee::hurt()->with('route', 'focus_front')->route())),
            'the joint line answers for the menisci',
        );
    }

    public function test_what_is_equivocal_is_looked_at_again_first(): void
    {
        $assessor = new Assessor;
        $tight = ['translationMm' => 5, 'endFeel' => 'firm'];
        $knee = Knee::hurt()->with('schools', ['laxity' => 'five_millimetre'])->found(
            'lachman',
            ['translationMm' => 7, 'endFeel' => 'firm'],
            $tight,
        );
        self::assertSame(['lachman'], $assessor->lastTime($assessor->read(Knee::plain($knee->document())))->unsettled);
    }

    public function test_what_was_done_before_the_gate_closed_stays_on_the_way(): void
    {
        $route = Knee::hurt()->with('route', 'clinic_full')->found(
            'pivot_shift',
            ['grade' => 'none', 'override' => 'recorded before the gate'],
        )->with('safety', ['painAtRest7' => true])->route();
        self::assertContains('pivot_shift', $route);
        self::assertNotContains('mcmurray', $route);
    }

    public function test_in_one_position_one_looks_then_touches_then_moves_then_stresses(): void
    {
        $steps = [
            [Family::Look, Family::Neurovascular],
            [Family::Touch, Family::Fluid],
            [Family::Range, Family::Strength, Family::Screen],
            [Family::Compression, Family::Stress, Family::Drawer, Family::Twist, Family::Pivot, Family::Loaded],
        ];
        foreach ($steps as $step => $families) {
            foreach ($families as $family) {
                self::assertSame($step, Order::kind($family), $family->value);
            }
        }
        self::assertCount(count(Family::cases()), array_merge(...$steps));
    }

    private static function order(): Order
    {
        return new Order(self::$catalogue, Knee::hurt()->assessed()->bearings->examination);
    }

    /**
     * @param  list<Manoeuvre>  $manoeuvres
     * @return list<string>
     */
    private static function ids(array $manoeuvres): array
    {
        return array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $manoeuvres);
    }
}
