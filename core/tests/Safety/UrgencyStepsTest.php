<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Safety\FadingFinding;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same findings a day later never lose more than one step of urgency: in the file, and in whole knees. */
final class UrgencyStepsTest extends TestCase
{
    private const LAST_DAY = 130;

    private const NONE = 6;

    public function test_each_row_of_the_file_falls_by_one_step_at_a_time(): void
    {
        $steps = (new Figures)->rules()->steps;
        foreach (FadingFinding::cases() as $finding) {
            $before = $steps->on($finding, 0)?->rank() ?? self::NONE;
            self::assertLessThan(self::NONE, $before, $finding->value);
            for ($day = 1; $day <= self::LAST_DAY; $day++) {
                $now = $steps->on($finding, $day)?->rank() ?? self::NONE;
                self::assertGreaterThanOrEqual($before, $now, "{$finding->value} gets worse on day {$day}");
                self::assertLessThanOrEqual($before + 1, $now, "{$finding->value} on day {$day}");
                $before = $now;
            }
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>}> frame and findings
     */
    public static function knees(): iterable
    {
        $lag = static fn (float $deg): array => ['straight_leg_raise', ['result' => 'lag', 'lagDeg' => $deg]];
        $wet = static fn (string $grade): array => ['effusion_sweep', ['grade' => $grade]];
        $open = static fn (string $of, string $field, float $more, string $end = 'firm'): array => [
            $of, [$field => 3 + $more, 'endFeel' => $end], [$field => 3, 'endFeel' => 'firm'],
        ];
        $tender = static fn (string $place): array => ['landmark_palpation', ['tender' => [$place]]];
        yield 'deformity' => [[], [['inspection', ['deformity' => true]]]];
        yield 'pulse' => [[], [['distal_pulse', ['result' => 'abnormal']]]];
        yield 'numb foot' => [[], [['sensation', ['result' => 'abnormal', 'where' => 'foot', 'since' => 'new']]]];
        yield 'bend' => [[], [['flexion_range', ['flexionDeg' => 70]]]];
        yield 'bend, clear X-ray' => [['safety' => ['xrayClear' => true]], [['flexion_range', ['flexionDeg' => 70]]]];
        yield 'fibular head' => [[], [$tender('fibular_head')]];
        yield 'from 55' => [['ageYears' => 60], []];
        yield 'from 55, much fluid' => [
            ['ageYears' => 60, 'history' => ['swellingOnset' => 'within_24_hours']], [$wet('refills')],
        ];
        foreach ([12, 17] as $age) {
            yield "growing, {$age}, fluid" => [['ageYears' => $age], [$wet('refills')]];
            yield "growing, {$age}, opening" => [['ageYears' => $age], [$open('valgus_30', 'openingMm', 7)]];
            yield "growing, {$age}, slight shift" => [['ageYears' => $age], [$open('lachman', 'translationMm', 4)]];
            yield "growing, {$age}, blood told" => [
                ['ageYears' => $age, 'history' => ['swellingOnset' => 'within_2_hours']], [$wet('bulge')],
            ];
        }
        yield 'two cruciates' => [
            [], [$open('lachman', 'translationMm', 12), $open('posterior_drawer', 'translationMm', 12)],
        ];
        yield 'raise impossible' => [[], [['straight_leg_raise', ['result' => 'unable']]]];
        yield 'tender lag' => [[], [$lag(10), $tender('patellar_tendon')]];
        yield 'great lag' => [[], [$lag(30)]];
        yield 'lag alone' => [[], [$lag(12)]];
        yield 'great lag with fluid' => [
            ['history' => ['swellingOnset' => 'within_24_hours']], [$lag(30), $wet('refills')],
        ];
        foreach ([12, 30, 60] as $age) {
            yield "blood told, {$age}" => [
                ['ageYears' => $age, 'history' => ['swellingOnset' => 'within_2_hours']], [$wet('bulge')],
            ];
            yield "blood told and not felt for, {$age}" => [
                ['ageYears' => $age, 'history' => ['swellingOnset' => 'within_2_hours']], [],
            ];
            yield "much fluid, {$age}" => [['ageYears' => $age], [$wet('refills')]];
            yield "much fluid, clear X-ray, {$age}" => [
                ['ageYears' => $age, 'safety' => ['xrayClear' => true]], [$wet('refills')],
            ];
        }
        yield 'tense and painful' => [
            ['history' => ['painNow' => 8], 'safety' => ['painAtRest7' => false]], [$wet('cannot_empty')],
        ];
        yield 'hard end' => [[], [$open('valgus_30', 'openingMm', 7, 'hard')]];
        yield 'hard end, clear X-ray' => [
            ['safety' => ['xrayClear' => true]], [$open('valgus_30', 'openingMm', 7, 'hard')],
        ];
        yield 'locked' => [[], [['passive_extension', ['extensionDeg' => -15, 'endFeel' => 'springy']]]];
        foreach ([15, 25] as $age) {
            yield "kneecap, {$age}" => [
                ['ageYears' => $age, 'history' => ['kneecapReduced' => true]], [$wet('bulge')],
            ];
        }
        yield 'bleeds easily' => [['episode' => ['bleedingRisk' => true]], [$wet('bulge')]];
        yield 'night pain, 15' => [['ageYears' => 15, 'safety' => ['nightOrRestPain' => true]], []];
    }

    /**
     * @param  array<string, mixed>  $frame
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     */
    #[DataProvider('knees')]
    public function test_a_finding_fades_by_one_step_at_a_time(array $frame, array $findings): void
    {
        $before = null;
        foreach ([...range(0, 46), ...range(59, 62), ...range(89, 92)] as $day) {
            $knee = Knee::hurt()->with('daysSinceInjury', $day);
            foreach ($frame as $key => $value) {
                $knee->with($key, $value);
            }
            foreach ($findings as $finding) {
                $knee->found(...$finding);
            }
            $plan = $knee->assessed()->plan;
            $now = self::mostUrgent($plan);
            if ($before !== null) {
                self::assertLessThanOrEqual($before + 1, $now, "day {$day}: ".implode(', ', array_column($plan->sendOn, 'rule')));
            }
            $before = $now;
        }
    }

    /** 0 emergency to 5 routine; 6: nobody. */
    private static function mostUrgent(Plan $plan): int
    {
        return $plan->soonest()?->rank() ?? self::NONE;
    }

    public function test_a_faded_finding_is_a_referral_and_no_line(): void
    {
        $knee = static fn (int $day): Knee => Knee::hurt()->answered()->with('daysSinceInjury', $day)
            ->found('flexion_range', ['flexionDeg' => 70]);
        self::assertSame(['fracture_rule_positive' => 'days'], $knee(21)->lines());
        self::assertSame([], $knee(22)->lines());
        self::assertContains('fracture_rule_positive week', $knee(22)->sentOn());
        self::assertSame(['fracture_rule_positive', ''], [$knee(21)->hold('lachman'), $knee(22)->hold('lachman')]);
        self::assertSame('fracture_rule_positive', $knee(22)->hold('mcmurray'), 'what provokes much stays held');
        self::assertStringNotContainsString('until the X-ray', $knee(22)->assessed()->words->forAthlete());
        self::assertSame(['as_found', 'none'], [
            $knee(21)->assessed()->plan->support->type->value, $knee(22)->assessed()->plan->support->type->value,
        ]);
        $raise = Knee::hurt()->with('daysSinceInjury', 100)->found('straight_leg_raise', ['result' => 'unable']);
        self::assertContains('extensor_late week', $raise->sentOn());
        self::assertSame('immobiliser', $raise->assessed()->plan->support->type->value, 'the splint stays');
    }

    public function test_a_referral_by_chance_does_not_vanish_where_a_fresh_injury_turns_old(): void
    {
        $knee = static fn (int $day): Knee => Knee::hurt()->with('daysSinceInjury', $day)->with(
            'history',
            [
                'pop' => true, 'couldNotContinue' => true, 'givingWay' => true, 'swellingOnset' => 'within_2_hours',
                'mechanism' => ['twist_on_planted_foot'],
            ],
        )->found('effusion_sweep', ['grade' => 'none'])->found('lever_sign', ['heelRises' => false]);
        $before = self::NONE;
        for ($day = 10; $day <= 60; $day++) {
            $now = self::mostUrgent($knee($day)->assessed()->plan);
            self::assertLessThanOrEqual($before + 1, $now, "day {$day}");
            $before = $now;
        }
    }
}
