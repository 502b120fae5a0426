<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Route\Itinerary;
use GrayCompass\Core\Route\Order;
use GrayCompass\Core\Route\TimeLimit;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Results\CoreSet;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The order of the examination, as properties over random selections, and each route by its purpose. */
final class RouteTest extends TestCase
{
    private const SELECTIONS = 400;

    private const FORWARD_AND_BACK = ['lachman', 'anterior_drawer', 'posterior_drawer', 'lever_sign', 'arthrometer'];

    private static Catalogue $catalogue;

    public static function setUpBeforeClass(): void
    {
        self::$catalogue = (new Figures)->catalogue();
    }

    #[Group('slow')]
    public function test_every_random_selection_keeps_the_rules_of_order(): void
    {
        foreach (self::selections() as $chosen) {
            $ordered = (self::order())->of($chosen);
            self::assertEqualsCanonicalizing(self::ids($chosen), self::ids($ordered));
            $this->assertEachPositionOnce($ordered);
            $this->assertGentleBeforeProvoking($ordered);
            $this->assertBefore('posterior_sag', self::FORWARD_AND_BACK, $ordered);
            foreach (['effusion_sweep', 'patellar_tap', 'fluctuation'] as $fluid) {
                $this->assertBefore(
                    $fluid,
                    ['flexion_range', 'mcmurray', 'meniscal_grind', 'bounce_home', 'deep_squat'],
                    $ordered,
                );
            }
            $this->assertBefore('dial_30', ['dial_90'], $ordered);
            $this->assertLoadedLate($ordered);
        }
    }

    public function test_the_order_does_not_depend_on_how_the_selection_was_given(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $order = self::order();
        $all = self::$catalogue->manoeuvres;
        $expected = self::ids($order->of($all));
        foreach (range(1, 20) as $_) {
            /** @var list<Manoeuvre> $shuffled */
            $shuffled = $random->shuffleArray($all);
            self::assertSame($expected, self::ids($order->of($shuffled)));
        }
    }

    #[Group('slow')]
    public function test_any_time_limit_keeps_the_order_and_the_pulses_and_what_others_lean_on(): void
    {
        $random = new Randomizer(new Mt19937(7));
        foreach (self::selections() as $chosen) {
            $ordered = (self::order())->of($chosen);
            $worth = [];
            foreach ($ordered as $manoeuvre) {
                $worth[$manoeuvre->id] = [$random->getInt(0, 3) / 10, $random->getInt(0, 9) / 10];
            }
            $limit = (float) $random->getInt(1, 40);
            $kept = (new TimeLimit($worth, [], false))->shorten($ordered, $limit);
            self::assertSame(self::ids($kept), array_values(array_intersect(self::ids($ordered), self::ids($kept))));
            $pulses = array_values(array_filter(
                $ordered,
                static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->has(ManoeuvreTrait::Kept),
            ));
            self::assertSame(self::ids($pulses), array_values(array_intersect(self::ids($kept), self::ids($pulses))));
            self::assertTrue(Itinerary::minutesFor($kept) <= max($limit, Itinerary::minutesFor($pulses)));
            if (
                array_intersect(self::ids($kept), self::FORWARD_AND_BACK) !== []
                && in_array('posterior_sag', self::ids($ordered), true)
            ) {
                self::assertContains('posterior_sag', self::ids($kept));
            }
        }
    }

    public function test_what_is_worth_least_goes_first_and_what_is_done_stays(): void
    {
        $pick = static fn (string ...$ids): array => array_map(self::$catalogue->get(...), array_values($ids));
        $worth = ['apley' => [0.1, 0.1], 'dial_30' => [0.3, 0.1], 'popliteal_look' => [0.0, 0.0]];
        self::assertSame(
            ['dial_30', 'apley'],
            self::ids((new TimeLimit($worth, [], false))->shorten($pick('popliteal_look', 'dial_30', 'apley'), 1.4)),
        );
        self::assertSame(
            ['dial_30'],
            self::ids((new TimeLimit($worth, [], false))->shorten($pick('popliteal_look', 'dial_30', 'apley'), 1.0)),
        );
        self::assertSame(
            ['popliteal_look'],
            self::ids((new TimeLimit($worth, ['popliteal_look'], false))->shorten(
                $pick('popliteal_look', 'dial_30', 'apley'),
                0.1,
            )),
        );
    }

    public function test_time_is_minutes_and_half_a_minute_for_each_change_of_position(): void
    {
        $pick = array_map(self::$catalogue->get(...), ['effusion_sweep', 'valgus_0', 'lachman', 'apley']);
        self::assertEqualsWithDelta(0.5 + 0.4 + 0.5 + 0.7 + 0.5 + 0.8, Itinerary::minutesFor($pick), 1e-9);
        self::assertSame(0.0, Itinerary::minutesFor([]));
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> route, what it holds, what it leaves to be offered
     */
    public static function routes(): iterable
    {
        yield 'touchline' => [
            'touchline',
            [
                'distal_pulse', 'effusion_sweep', 'straight_leg_raise', 'valgus_0', 'valgus_30', 'varus_0', 'varus_30',
                'posterior_sag', 'lachman', 'gait', 'hop', 'run_cut_stop',
            ],
            ['mcmurray', 'apley'],
        ];
        yield 'cruciates' => [
            'focus_cruciate',
            [
                'posterior_sag', 'lachman', 'anterior_drawer', 'posterior_drawer', 'pivot_shift', 'dial_30',
                'valgus_30', 'passive_extension', 'effusion_sweep',
            ],
            ['mcmurray', 'kneecap_glide', 'deep_squat'],
        ];
        yield 'collaterals' => [
            'focus_collateral',
            [
                'valgus_0', 'valgus_30', 'varus_0', 'varus_30', 'landmark_palpation', 'figure_four_lcl', 'dial_30',
                'gait',
            ],
            ['mcmurray', 'kneecap_glide', 'thessaly_20'],
        ];
        yield 'menisci' => [
            'focus_meniscus',
            ['mcmurray', 'apley', 'thessaly_20', 'joint_line_palpation', 'bounce_home', 'passive_extension'],
            ['lachman', 'valgus_30', 'kneecap_glide'],
        ];
        yield 'front' => [
            'focus_front',
            [
                'kneecap_compression', 'kneecap_glide', 'deep_squat', 'step_down', 'kneecap_tendon', 'fat_pad_pinch',
                'lachman', 'single_leg_sit_to_stand',
            ],
            ['apley', 'pivot_shift', 'dial_30'],
        ];
    }

    /**
     * @param  list<string>  $holds
     * @param  list<string>  $offers
     */
    #[DataProvider('routes')]
    public function test_each_route_holds_what_its_question_needs_and_offers_the_rest(
        string $route,
        array $holds,
        array $offers,
    ): void
    {
        $itinerary = self::plan(Knee::hurt()->with('route', $route));
        self::assertSame([], array_diff($holds, Knee::onTheWay($itinerary)));
        self::assertSame([], array_diff($offers, $itinerary->offered));
        self::assertCount(count(self::$catalogue->manoeuvres), [...Knee::onTheWay($itinerary), ...$itinerary->offered]);
    }

    public function test_the_clinic_route_takes_everything_and_the_touchline_gets_up_once(): void
    {
        self::assertCount(70, Knee::hurt()->with('route', 'clinic_full')->route());
        $touchline = Knee::hurt()->with('route', 'touchline')->route();
        self::assertSame(['gait', 'hop', 'run_cut_stop'], array_slice($touchline, -3));
        self::assertCount(
            count(self::ids(self::$catalogue->manoeuvres)) - count($touchline),
            self::plan(Knee::hurt()->with('route', 'touchline'))->offered,
        );
    }

    public function test_what_is_off_limits_is_not_on_the_way_and_the_other_knee_comes_first(): void
    {
        $itinerary = self::plan(Knee::hurt()->with('safety', ['cannotTakeFourSteps' => true]));
        self::assertContains('straight_leg_raise', Knee::onTheWay($itinerary));
        foreach (['pivot_shift', 'valgus_0', 'lachman', 'hop'] as $blocked) {
            self::assertNotContains($blocked, [...Knee::onTheWay($itinerary), ...$itinerary->offered]);
        }
        self::assertSame(['right', 'left'], array_map(static fn ($side): string => $side->value, $itinerary->sides));
    }

    public function test_sore_places_are_pressed_after_the_stress_of_their_station_and_the_hip_comes_first_in_the_young(): void
    {
        $full = static fn (Knee $knee, string ...$of): array => array_values(array_intersect(
            $knee->with('route', 'clinic_full')->route(),
            $of,
        ));
        self::assertSame(
            ['anterior_drawer', 'joint_line_palpation'],
            $full(Knee::hurt(), 'joint_line_palpation', 'anterior_drawer'),
        );
        self::assertSame(['valgus_0', 'fat_pad_pinch'], $full(Knee::hurt(), 'fat_pad_pinch', 'valgus_0'));
        self::assertSame(
            ['straight_leg_raise', 'resisted_extension'],
            $full(Knee::hurt(), 'straight_leg_raise', 'resisted_extension'),
        );
        self::assertSame(['lachman', 'hip_screen'], $full(Knee::hurt(), 'lachman', 'hip_screen'));
        foreach ([Knee::hurt()->with('ageYears', 17), Knee::hurt()->with('daysSinceInjury', null)] as $knee) {
            self::assertSame(['hip_screen', 'lachman'], $full($knee, 'lachman', 'hip_screen'));
            self::assertSame('first_look', $knee->assessed()->route->stops[0]->station->value);
            self::assertContains('hip_screen', $knee->assessed()->route->stops[0]->manoeuvres);
        }
        self::assertSame(
            ['hop', 'dial_30'],
            $full(Knee::hurt()->with('daysSinceInjury', 0), 'dial_30', 'hop'),
            'prone last on the first day',
        );
    }

    public function test_the_preset_is_the_core_set_then_one_thing_at_a_time(): void
    {
        $fresh = Knee::hurt()->answered();
        $core = array_map(
            static fn (Manoeuvre $one): string => $one->id,
            CoreSet::of($fresh->assessed()->bearings->examination, self::$catalogue),
        );
        self::assertEqualsCanonicalizing($core, $fresh->route());
        self::assertEqualsWithDelta(12.0, $fresh->assessed()->route->minutes, 1.0);
        self::assertSame(['distal_pulse', 'sensation', 'ankle_lift', 'inspection', 'gait'], array_slice($core, 0, 5));
        $through = Knee::hurt()->answered()->with(
            'history',
            ['pop' => true, 'couldNotContinue' => true, 'swellingOnset' => 'within_2_hours'],
        )->walked('normal');
        foreach (array_diff($core, ['gait', 'lachman']) as $manoeuvre) {
            $through->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }
        $through->found(
            'lachman',
            ['translationMm' => 7, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => true]],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        $further = array_values(array_diff($through->route(), $core));
        self::assertCount(1, $further);
        self::assertSame($further[0], $through->next()[0]);
    }

    public function test_a_limit_never_drops_what_no_knee_goes_without(): void
    {
        $kept = array_map(static fn (Manoeuvre $one): string => $one->id, self::$catalogue->with(ManoeuvreTrait::Kept));
        foreach ([1, 5, 8, 12] as $minutes) {
            $short = self::plan(Knee::hurt()->answered()->with('route', 'clinic_full')->with('timeLimitMin', $minutes));
            self::assertSame([], array_diff($kept, Knee::onTheWay($short)));
            self::assertSame($minutes < 7, $short->tooShort);
        }
        $touchline = Knee::hurt()->answered()->with('route', 'touchline');
        self::assertTrue(self::plan($touchline->with('timeLimitMin', 3))->tooShort);
        self::assertFalse(self::plan($touchline->with('timeLimitMin', 4))->tooShort);
        self::assertSame(['left'], array_map(static fn ($side): string => $side->value, self::plan($touchline)->sides));
        self::assertEqualsWithDelta(
            Itinerary::minutesFor(array_map(
                self::$catalogue->get(...),
                $touchline->with('timeLimitMin', null)->route(),
            )) / 2,
            self::plan($touchline)->minutes,
            0.01,
        );
    }

    public function test_the_limit_shortens_and_time_done_and_left_add_up(): void
    {
        $full = static fn (): Knee => Knee::hurt()->answered()->with('route', 'clinic_full');
        $long = self::plan($full());
        $short = self::plan($full()->with('timeLimitMin', 12));
        self::assertLessThanOrEqual(12.0, $short->minutes);
        self::assertGreaterThan(30.0, $long->minutes);
        self::assertSame(Knee::onTheWay($short), array_values(array_diff(Knee::onTheWay($long), $short->dropped)));
        $begun = self::plan($full()->found('distal_pulse', ['normal' => true])->found(
            'apley',
            ['notDone' => 'position'],
        ));
        self::assertEqualsWithDelta($begun->minutes, $begun->minutesDone + $begun->minutesLeft(), 1e-9);
        self::assertEqualsWithDelta(0.3 + 0.5 + 0.8, $begun->minutesDone, 1e-9);
    }

    public function test_looking_again_takes_what_was_open_not_done_or_positive_with_what_it_leans_on(): void
    {
        $assessor = new \GrayCompass\Core\Assessor;
        $last = Knee::hurt()
            ->found('effusion_sweep', ['grade' => 'bulge'])
            ->found(
                'lachman',
                ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => false]],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )
            ->found('apley', ['notDone' => 'pain'])
            ->found('varus_30', ['normal' => true], ['normal' => true]);
        $lastTime = $assessor->lastTime($assessor->read(Knee::plain($last->document())));
        self::assertSame(['lachman', 'apley', 'effusion_sweep'], $lastTime->manoeuvres());
        $swollen = Knee::hurt()->with(
            'history',
            ['pop' => true, 'couldNotContinue' => true, 'givingWay' => true, 'swellingOnset' => 'within_2_hours'],
        )->found('effusion_sweep', ['grade' => 'none'])->found('flexion_range', ['flexionDeg' => 85])->found(
            'lachman',
            ['translationMm' => 3, 'endFeel' => 'firm'],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        self::assertSame(
            ['lachman'],
            $assessor->lastTime($assessor->read(Knee::plain($swollen->document())))->unsettled,
        );
        $again = $assessor->assess(
            $assessor->read(Knee::plain(Knee::hurt()->with('route', 'look_again')->document())),
            $lastTime,
        )->route;
        self::assertSame(
            ['effusion_sweep', 'posterior_sag', 'lachman', 'apley'],
            array_slice(Knee::onTheWay($again), 4),
        );
        self::assertContains('varus_30', $again->offered);
        self::assertCount(70, Knee::hurt()->with('route', 'look_again')->route());
    }

    /**
     * @return iterable<list<Manoeuvre>> fixed seed
     */
    private static function selections(): iterable
    {
        $random = new Randomizer(new Mt19937(20));
        for ($i = 0; $i < self::SELECTIONS; $i++) {
            $share = $random->getInt(1, 9);
            yield array_values(array_filter(
                $random->shuffleArray(self::$catalogue->manoeuvres),
                static fn (Manoeuvre $manoeuvre): bool => $random->getInt(0, 9) < $share,
            ));
        }
    }

    private static function order(): Order
    {
        return new Order(self::$catalogue, Knee::hurt()->assessed()->bearings->examination);
    }

    private static function plan(Knee $knee): Itinerary
    {
        return $knee->assessed()->route;
    }

    /**
     * @param  list<Manoeuvre>  $manoeuvres
     * @return list<string>
     */
    private static function ids(array $manoeuvres): array
    {
        return array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $manoeuvres);
    }

    /**
     * @param  list<Manoeuvre>  $ordered
     */
    private function assertEachPositionOnce(array $ordered): void
    {
        $positions = array_map(
            static fn ($stop): int => $stop->station->position(),
            Itinerary::stopsOf($ordered, self::order()->station(...)),
        );
        $sorted = array_values(array_unique($positions));
        sort($sorted);
        self::assertSame($sorted, $positions);
    }

    /**
     * @param  list<Manoeuvre>  $ordered
     */
    private function assertGentleBeforeProvoking(array $ordered): void
    {
        foreach (array_slice($ordered, 1) as $at => $manoeuvre) {
            if ($ordered[$at]->station === $manoeuvre->station) {
                self::assertFalse(
                    $ordered[$at]->provocation >= 4 && $manoeuvre->provocation < 4,
                    "{$ordered[$at]->id}, {$manoeuvre->id}",
                );
                $palpates = $manoeuvre->has(ManoeuvreTrait::Palpation) || $ordered[$at]->has(ManoeuvreTrait::Palpation);
                self::assertTrue(
                    $palpates
                        || $manoeuvre->provocation >= 4
                        || Order::kind($ordered[$at]->family) <= Order::kind($manoeuvre->family),
                );
            }
        }
    }

    /**
     * @param  list<string>  $later
     * @param  list<Manoeuvre>  $ordered
     */
    private function assertBefore(string $first, array $later, array $ordered): void
    {
        $ids = self::ids($ordered);
        $at = array_search($first, $ids, true);
        foreach ($later as $id) {
            $then = array_search($id, $ids, true);
            if ($at !== false && $then !== false) {
                self::assertLessThan($then, $at, "{$first} before {$id}");
            }
        }
    }

    /**
     * @param  list<Manoeuvre>  $ordered
     */
    private function assertLoadedLate(array $ordered): void
    {
        $loaded = false;
        foreach ($ordered as $manoeuvre) {
            $loaded = $loaded || $manoeuvre->family === Family::Loaded;
            self::assertFalse(
                $loaded && ! in_array($manoeuvre->station, [Station::Loaded, Station::Closing], true),
                $manoeuvre->id,
            );
        }
    }
}
