<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Findings;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChoicesTest extends TestCase
{
    public function test_every_route_is_offered_with_the_preset_first(): void
    {
        $routes = (new Figures)->document()['routes'];
        self::assertSame('clinic_core', $routes[0]['id']);
        self::assertCount(9, $routes);
        self::assertCount(count($routes), array_unique(array_column($routes, 'label')));
        self::assertNotContains('', array_column($routes, 'says'));
    }

    public function test_every_school_is_offered_with_its_preset_first_its_source_and_the_bands_in_force(): void
    {
        $schools = array_column((new Figures)->document()['schools'], null, 'id');
        self::assertSame(['laxity', 'collateral', 'effusion', 'mcmurraySide', 'evidence'], array_keys($schools));
        foreach ($schools as $id => $group) {
            self::assertSame($group['preset'], $group['options'][0]['id'], $id);
            self::assertCount(count($group['options']), array_unique(array_column($group['options'], 'label')), $id);
            self::assertNotContains('', array_column($group['options'], 'source'), $id);
        }
        self::assertEquals(
            (object) ['positiveFrom' => 3.0, 'handError' => 1.0, 'clearOver' => 5.0, 'grossOver' => 10.0],
            $schools['laxity']['options'][0]['bandsMm'],
        );
    }

    public function test_an_unknown_route_or_school_is_named(): void
    {
        $named = [];
        foreach ([
            static fn (): mixed => (new Figures)->routes()->get('uphill'),
            static fn (): mixed => (new Figures)->schools()->laxity->chosen('by_ear'),
        ] as $ask) {
            try {
                $ask();
            } catch (OutOfBoundsException $none) {
                $named[] = $none->getMessage();
            }
        }
        self::assertSame(['There is no route uphill.', 'There is no school by_ear of laxity.'], $named);
    }

    #[DataProvider('presets')]
    public function test_the_setting_follows_days_age_and_place(
        Setting $setting,
        ?int $days,
        int $age,
        bool $touchline,
    ): void
    {
        self::assertSame($setting, Setting::preset($days, $age, $touchline));
    }

    /**
     * @return iterable<string, array{Setting, int|null, int, bool}>
     */
    public static function presets(): iterable
    {
        yield 'at the touchline, today' => [Setting::Touchline, 0, 20, true];
        yield 'at the touchline, but of yesterday' => [Setting::AcuteTrauma, 1, 20, true];
        yield 'a fortnight' => [Setting::AcuteTrauma, 14, 50, false];
        yield 'longer ago' => [Setting::OlderTrauma, 15, 50, false];
        yield 'without an injury' => [Setting::Gradual, null, 45, false];
        yield 'without one, and older' => [Setting::OlderKnee, null, 46, false];
    }
}
