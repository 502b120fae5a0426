<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Conclusions;

use GrayCompass\Core\Tests\Support\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The typical pictures: what the rules say of each, written by hand, and the whole assessment as it was checked. */
final class ExamplesTest extends TestCase
{
    private const TOLERANCE = 2e-6;

    /**
     * What follows from the rules for each example: grades; zones; excluded with their codes; safety
     * lines; who is sent on; support; play; look again.
     *
     * @return iterable<string, array{string, array<string, mixed>}>
     */
    public static function pictures(): iterable
    {
        yield 'fresh cruciate tear' => ['fresh-cruciate-tear', [
            'grades' => ['acl' => 2, 'pcl' => 0, 'mcl' => 0, 'lcl' => 0], 'zones' => ['acl' => 'act', 'pcl' => 'investigate', 'plc' => 'ruled_out', 'patellofemoral_pain' => 'untested'],
            'millilitres' => [25.0, 50.0], 'sendOn' => ['acl_likely two_weeks'], 'support' => 'none', 'crutches' => true, 'again' => [2, 4], 'coach' => 'Out. Review between 16 March and 18 March 2026.',
        ]];
        yield 'guarded knee' => ['guarded-knee-to-look-at-again', [
            'excluded' => ['story_slow_swelling too_early', 'lachman hamstrings_guarded'], 'grades' => ['acl' => null], 'zones' => ['acl' => 'investigate', 'medial_meniscus' => 'investigate'],
            'unsettled' => ['acl', 'medial_meniscus', 'lateral_meniscus'], 'again' => [4, 9], 'play' => 'stop', 'sendOn' => [],
        ]];
        yield 'sag' => ['sag-that-fools-the-forward-tests', [
            'excluded' => ['anterior_drawer sag_uncorrected', 'lachman sag_uncorrected'], 'grades' => ['acl' => null, 'pcl' => 2], 'zones' => ['pcl' => 'act'],
            'support' => 'extension_splint_calf_support', 'sendOn' => ['pcl_likely two_weeks'],
        ]];
        yield 'inner collateral 1' => ['inner-collateral-grade-1', [
            'excluded' => ['valgus_0_laxity grade_one_is_firm', 'valgus_30_laxity grade_one_is_firm'], 'grades' => ['mcl' => 1, 'acl' => 0], 'zones' => ['mcl' => 'investigate', 'acl' => 'ruled_out'],
            'support' => 'hinged_sleeve', 'again' => [7, 14], 'sendOn' => [],
        ]];
        yield 'inner collateral 3' => ['inner-collateral-grade-3', [
            'excluded' => ['valgus_0_laxity grade_one_is_firm', 'pivot_shift pivot_unreliable'], 'grades' => ['mcl' => 3], 'zones' => ['mcl' => 'act', 'acl' => 'investigate'],
            'unsettled' => ['acl'], 'collateral' => ['inner at_30_only'], 'support' => 'hinged_limited', 'crutches' => true, 'sendOn' => ['inner_side_torn week'],
        ]];
        yield 'corner' => ['posterolateral-corner', [
            'grades' => ['lcl' => 2, 'pcl' => 0], 'zones' => ['plc' => 'act'], 'collateral' => ['outer at_30_only'], 'remark' => 'dial_30_alone', 'phase' => 'chronic', 'lines' => [],
            'sendOn' => ['corner_torn week', 'outer_side_loose week'], 'support' => 'hinged_limited', 'again' => [14, 14],
        ]];
        yield 'both cruciates' => ['both-cruciates-an-emergency', [
            'lines' => ['multi_ligament emergency'], 'grades' => ['acl' => 3, 'pcl' => 3], 'zones' => ['acl' => 'act', 'pcl' => 'act'], 'blocked' => ['pivot_shift', 'lachman', 'valgus_30', 'dial_30'],
            'open' => ['distal_pulse', 'effusion_sweep', 'mcmurray'], 'sendOn' => ['multi_ligament now', 'two_ligaments week'], 'support' => 'immobiliser', 'again' => [3, 5], 'athlete' => 'You need to go to hospital now.',
        ]];
        yield 'locked meniscus' => ['locked-meniscus', [
            'lines' => ['locked_knee days'], 'blocked' => ['mcmurray', 'bounce_home', 'thessaly_20', 'deep_squat', 'passive_extension'], 'open' => ['apley', 'lachman', 'hop'],
            'zones' => ['medial_meniscus' => 'act'], 'sendOn' => ['locked_knee days', 'meniscus_locks week'], 'crutches' => true,
        ]];
        yield 'meniscal signs that disagree' => ['meniscal-signs-that-disagree', [
            'schools' => ['pain_site positive negative', 'rotation negative positive', 'compression negative positive', 'rotation_reversed positive negative'],
            'zones' => ['medial_meniscus' => 'investigate', 'acl' => 'ruled_out'], 'remark' => 'tests_disagree', 'again' => null,
        ]];
        yield 'kneecap dislocation' => ['kneecap-dislocation', [
            'zones' => ['patellar_instability' => 'act'], 'sendOn' => ['first_dislocation week', 'kneecap_unstable routine'], 'support' => 'immobiliser', 'again' => [3, 5], 'unsettled' => ['acl'],
        ]];
        yield 'front of knee' => ['front-of-knee-pain', [
            'front' => ['met', 'met', 'met', 'met', true], 'zones' => ['patellofemoral_pain' => 'act', 'acl' => 'ruled_out'], 'also' => ['weak_hip_abductors', 'knee_drifting_in'],
            'again' => [28, 42], 'sendOn' => [], 'phase' => 'chronic', 'coach' => 'Modified training: the athlete says what is possible. Review between 30 November and 14 December 2026.',
        ]];
        yield 'fracture gate' => ['fracture-gate', [
            'lines' => ['fracture_rule_positive same_day'], 'blocked' => ['anterior_drawer', 'valgus_30', 'pivot_shift', 'mcmurray', 'resisted_extension', 'hop'],
            'open' => ['lachman', 'posterior_sag', 'straight_leg_raise', 'effusion_sweep'], 'sendOn' => ['fracture_rule_positive same_day', 'blood_unexplained days', 'blood_unexplained two_weeks'],
            'crutches' => true, 'athlete' => 'Put no weight on the leg until you have been seen.',
        ]];
        yield 'touchline go' => ['touchline-go', ['play' => 'may_continue', 'lines' => [], 'sendOn' => [], 'grades' => ['acl' => 0, 'mcl' => 0, 'lcl' => 0], 'coach' => 'Available. No review planned.']];
        yield 'touchline stop' => ['touchline-stop', ['play' => 'stop', 'grades' => ['acl' => 2], 'zones' => ['acl' => 'act'], 'sendOn' => ['acl_likely two_weeks'], 'playWhy' => ['A pop was felt.', 'A cruciate test is positive.']]];
        yield 'whole clinic route' => ['whole-clinic-route', ['zones' => ['acl' => 'act', 'mcl' => 'act'], 'coach' => '', 'sendOn' => ['two_ligaments week']]];
    }

    /**
     * @param  array<string, mixed>  $expected
     */
    #[DataProvider('pictures')]
    public function test_each_picture_comes_out_as_the_rules_say(string $name, array $expected): void
    {
        $assessment = Example::assessed($name);
        $plan = $assessment['plan'];
        $pairs = static fn (array $rows, string ...$keys): array => array_map(static fn (array $row): string => implode(' ', array_map(static fn (string $key): string => (string) $row[$key], $keys)), $rows);
        $seen = [
            'grades' => array_intersect_key(array_column($assessment['conditions'], 'grade', 'id'), $expected['grades'] ?? []),
            'zones' => array_intersect_key(array_column($assessment['conditions'], 'zone', 'id'), $expected['zones'] ?? []),
            'excluded' => $pairs($assessment['excluded'], 'finding', 'code'),
            'unsettled' => array_column(array_filter($assessment['conditions'], static fn (array $condition): bool => $condition['unsettled']), 'id'),
            'lines' => $pairs($assessment['safety']['lines'], 'rule', 'urgency'),
            'blocked' => array_values(array_intersect($expected['blocked'] ?? [], $assessment['safety']['blocked'])),
            'open' => array_values(array_diff($expected['open'] ?? [], $assessment['safety']['blocked'])),
            'millilitres' => $assessment['effusion']['millilitres'],
            'collateral' => $pairs($assessment['collateralReading'], 'side', 'reading'),
            'schools' => $assessment['mcmurrayReadings'] === null ? [] : $pairs($assessment['mcmurrayReadings'], 'school', 'medial', 'lateral'),
            'front' => array_values($assessment['frontGate']),
            'also' => array_column($assessment['alsoConsider'], 'id'),
            'phase' => $assessment['phase'],
            'sendOn' => ($expected['sendOn'] ?? []) === [] ? $plan['sendOn'] : array_values(array_intersect($expected['sendOn'], $pairs($plan['sendOn'], 'rule', 'within'))),
            'support' => $plan['support']['type'],
            'crutches' => $plan['support']['crutches'],
            'play' => $plan['play'],
            'playWhy' => array_values(array_intersect($expected['playWhy'] ?? [], $plan['playWhy'])),
            'again' => $plan['lookAgain'] === null ? null : [$plan['lookAgain']['from'], $plan['lookAgain']['to']],
            'coach' => $plan['forCoach'],
            'athlete' => str_contains($plan['forAthlete'], $expected['athlete'] ?? '') ? $expected['athlete'] ?? '' : $plan['forAthlete'],
            'remark' => in_array($expected['remark'] ?? '', array_column($assessment['remarks'], 'code'), true) ? $expected['remark'] ?? '' : '',
        ];
        foreach ($expected as $what => $value) {
            self::assertEquals($value, $seen[$what], "{$name}: {$what}");
        }
    }

    public function test_every_example_has_its_picture_and_its_expected_assessment(): void
    {
        $told = array_map(static fn (array $picture): string => $picture[0], [...self::pictures()]);
        self::assertEqualsCanonicalizing(Example::names(), array_values($told));
        self::assertGreaterThanOrEqual(14, count($told));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function names(): iterable
    {
        foreach (Example::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function test_the_whole_assessment_is_the_one_that_was_checked(string $name): void
    {
        $expected = json_decode((string) file_get_contents(Example::expectedFile($name)), true);
        $seen = json_decode(Example::written($name), true);
        self::assertSame($this->withoutFigures($expected), $this->withoutFigures($seen));
        self::assertEqualsWithDelta($expected, $seen, self::TOLERANCE);
    }

    /** Lists and words compared exactly, so that a loose comparison of figures cannot hide a changed word. */
    private function withoutFigures(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map($this->withoutFigures(...), $value),
            is_float($value), is_int($value) => 'figure',
            default => $value,
        };
    }
}
