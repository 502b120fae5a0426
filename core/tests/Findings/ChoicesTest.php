<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Findings;

use GrayCompass\Core\Findings\Choices;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Findings\Schools;
use GrayCompass\Core\Knee\Setting;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChoicesTest extends TestCase
{
    public function test_every_route_is_offered_with_the_preset_first(): void
    {
        $routes = Choices::routes();
        self::assertSame('clinic_core', $routes[0]['id']);
        self::assertSame(array_column(Route::cases(), 'value'), array_column($routes, 'id'));
        self::assertCount(count($routes), array_unique(array_column($routes, 'label')));
        self::assertNotContains('', array_column($routes, 'says'));
    }

    public function test_every_school_is_offered_and_its_preset_is_among_its_options(): void
    {
        $schools = Choices::schools();
        self::assertSame(array_keys(get_object_vars(new Schools)), array_column($schools, 'id'));
        foreach ($schools as $school) {
            self::assertContains($school['preset'], array_column($school['options'], 'id'), $school['id']);
            self::assertCount(
                count($school['options']),
                array_unique(array_column($school['options'], 'label')),
                $school['id'],
            );
        }
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
