<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Verdict;

use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\FieldWidget;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What counts as a finding: with any of these a knee is never available, each is named, and someone looks again. */
final class AbnormalFindingsTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, array<string, mixed>, string}> findings, history, what the athlete reads
     */
    public static function findings(): iterable
    {
        $both = static fn (string $of, array $left): array => [$of, $left, ['normal' => true]];
        yield 'trace' => [[['effusion_sweep', ['grade' => 'trace'], ['grade' => 'none']]], [], 'trace of fluid'];
        yield 'hollows' => [[['inspection', ['hollows' => 'gone']]], [], 'trace of fluid'];
        yield 'bulge' => [[['effusion_sweep', ['grade' => 'bulge'], ['grade' => 'bulge']]], [], 'fluid inside'];
        yield 'heat' => [[['warmth', ['warmer' => true]]], [], 'warmer than the other'];
        yield 'pain now' => [[], ['painNow' => 3], 'hurts: 3 of 10'];
        yield 'pain in activity' => [[], ['painActivity' => 6], 'hurts in use: 6 of 10'];
        yield 'turning hurts' => [[['tibial_rotation_pain', ['pain' => 7]]], [], 'when we turned the shin'];
        yield 'single leg work' => [[['single_leg_squat', ['pain' => 6]]], [], 'squatted on one leg'];
        yield 'end of bending' => [[['flexion_range', ['flexionDeg' => 140, 'endPain' => 8]]], [], 'end of bending'];
        yield 'end of straightening' => [[['passive_extension', ['extensionDeg' => 0, 'pain' => 8]]], [], 'end of str'];
        yield 'painful varus' => [
            [['varus_30', ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 7], ['openingMm' => 3]]], [], 'knee outward',
        ];
        yield 'chair' => [[['sit_to_stand', ['pain' => 5]]], [], 'stood up from a chair'];
        yield 'Apley both ways' => [
            [['apley', ['compressionPain' => true, 'distractionRelieves' => false, 'site' => 'medial']]], [],
            'pressed and turned the shin',
        ];
        yield 'short of straight' => [
            [['passive_extension', ['extensionDeg' => -5, 'endFeel' => 'firm'], ['extensionDeg' => 0]]], [],
            'not go as straight',
        ];
        yield 'short of straight, alone' => [
            [['passive_extension', ['extensionDeg' => -14, 'endFeel' => 'firm']]], [], 'not go as straight',
        ];
        yield 'bent when standing' => [[['alignment', ['fixedBendDeg' => 10]]], [], 'not go as straight'];
        yield 'bends less' => [
            [['flexion_range', ['flexionDeg' => 125], ['flexionDeg' => 140]]], [], 'bends less than the other',
        ];
        yield 'bends less, alone' => [[['flexion_range', ['flexionDeg' => 120]]], [], 'bends less than the other'];
        yield 'limp' => [[['gait', ['pattern' => 'antalgic']]], [], 'walk with a limp'];
        yield 'thrust' => [[['gait', ['pattern' => 'valgus_thrust']]], [], 'pushed inward'];
        yield 'hop not done for pain' => [[['hop', ['notDone' => 'pain']]], [], 'hurt too much'];
        yield 'afraid' => [[['hop', ['pain' => 0, 'afraid' => true]]], [], 'do not trust the knee'];
        yield 'gives way in the run' => [[['run_cut_stop', ['givesWay' => true]]], [], 'gave way'];
        yield 'Thessaly gives way' => [[['thessaly_20', ['givesWay' => true, 'site' => 'medial']]], [], 'gave way'];
        yield 'springs back' => [[['bounce_home', ['end' => 'springs_back']]], [], 'not drop fully straight'];
        yield 'weaker by a tenth' => [
            [['resisted_extension', ['newtons' => 440], ['newtons' => 500]]], [], 'weaker on this side',
        ];
        yield 'weaker by a grade' => [
            [['resisted_flexion', ['strength' => 4], ['strength' => 5]]], [], 'weaker on this side',
        ];
        yield 'slight Lachman' => [
            [$both('lever_sign', ['heelRises' => false])], [], 'heel did not rise',
        ];
        yield 'McMurray blocks' => [
            [['mcmurray', ['cells' => [[
                'rotation' => 'outward', 'stress' => 'varus', 'cellEnd' => 'block', 'clickSite' => 'medial',
            ]]]]], [], 'inner side of the joint',
        ];
    }

    /**
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     * @param  array<string, mixed>  $history
     */
    #[DataProvider('findings')]
    public function test_a_finding_forbids_to_call_the_knee_sound(array $findings, array $history, string $told): void
    {
        $assessment = self::sound($findings, $history)->assessed();
        self::assertNotSame([], $assessment->bearings->abnormal);
        self::assertNotSame('available', $assessment->plan->availability->status->value);
        self::assertTrue($assessment->plan->lookAgain !== null || $assessment->plan->sendOn !== []);
        self::assertStringContainsString($told, $assessment->words->forAthlete());
        foreach (['Nothing stands out', 'You may do your sport', 'was normal', 'Come back if'] as $never) {
            self::assertStringNotContainsString($never, $assessment->words->forAthlete());
        }
    }

    /**
     * @return iterable<string, array{list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, array<string, mixed>}>
     */
    public static function sounds(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'pain of 2' => [[], ['painNow' => 2]];
        yield 'trace on both' => [[['effusion_sweep', ['grade' => 'trace'], ['grade' => 'trace']]], []];
        yield 'both knees hurt alike' => [[['tibial_rotation_pain', ['pain' => 5], ['pain' => 5]]], []];
        yield '4 short of straight' => [
            [['passive_extension', ['extensionDeg' => -4, 'endFeel' => 'firm'], ['extensionDeg' => 0]]], [],
        ];
        yield '14 less bend' => [[['flexion_range', ['flexionDeg' => 126], ['flexionDeg' => 140]]], []];
        yield 'weaker by a little' => [[['resisted_extension', ['newtons' => 460], ['newtons' => 500]]], []];
    }

    /**
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     * @param  array<string, mixed>  $history
     */
    #[DataProvider('sounds')]
    public function test_what_is_none_leaves_the_knee_available(array $findings, array $history): void
    {
        $assessment = self::sound($findings, $history)->assessed();
        self::assertSame([], $assessment->bearings->abnormal);
        self::assertSame('available', $assessment->plan->availability->status->value);
        self::assertStringContainsString('Nothing stands out.', $assessment->words->forAthlete());
    }

    public function test_pain_alone_of_what_is_unlikely_is_no_finding_and_on_the_touchline_it_begins_at_four(): void
    {
        $sore = self::sound([['joint_line_palpation', ['points' => ['medial_middle'], 'pinpoint' => true]]], [
            'mechanism' => ['shin_blow_bent_knee'], 'locking' => false,
        ]);
        self::assertLessThan(0.1, $sore->chance(Condition::MedialMeniscus));
        self::assertSame([], $sore->assessed()->bearings->abnormal);
        $touchline = static fn (float $pain): array => self::sound([], ['painNow' => $pain])
            ->with('route', 'touchline')->assessed()->bearings->abnormal;
        self::assertSame([], $touchline(3));
        self::assertNotSame([], $touchline(4));
    }

    public function test_every_pain_that_can_be_recorded_has_its_sentence(): void
    {
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/abnormal.json'), true);
        foreach ((new Figures)->catalogue()->manoeuvres as $manoeuvre) {
            foreach ($manoeuvre->fields as $field) {
                $hurts = $field->widget === FieldWidget::Pain || $field->kind === FieldKind::Cells;
                if ($hurts) {
                    self::assertArrayHasKey($manoeuvre->id, $data['pains']);
                }
            }
        }
    }

    public function test_what_is_allowed_follows_the_knee(): void
    {
        $yes = static fn (array $findings, array $history, int $age = 25): array => self::sound($findings, $history)
            ->with('ageYears', $age)->assessed()->plan->availability->allowed;
        self::assertSame([Activity::Cycling, Activity::RunningStraight, Activity::UpperBody], $yes([], ['painNow' => 3]));
        self::assertSame([Activity::UpperBody], $yes([], ['painActivity' => 5]));
        self::assertSame([Activity::UpperBody], $yes([['gait', ['pattern' => 'antalgic']]], []));
        self::assertSame([Activity::UpperBody], $yes([['flexion_range', ['flexionDeg' => 110]]], []));
        self::assertSame(
            [Activity::Cycling, Activity::UpperBody],
            $yes([['hop', ['pain' => 8]]], []),
        );
        self::assertSame([], $yes([], ['painNow' => 3], 6));
    }

    /**
     * A knee examined by the core set and normal throughout, but for these findings.
     *
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     * @param  array<string, mixed>  $history
     */
    private static function sound(array $findings, array $history): Knee
    {
        $story = [
            'pop' => false, 'couldNotContinue' => false, 'givingWay' => false, 'locking' => false,
            'kneecapShifted' => false, 'swellingOnset' => 'none', ...$history,
        ];
        $knee = Knee::hurt()->answered()->with('daysSinceInjury', 5)->with('history', $story);
        $named = array_column($findings, 0);
        if (! in_array('gait', $named, true)) {
            $knee->walked('normal');
        }
        TypicalKnees::soundCore($knee, $named);
        foreach ($findings as $finding) {
            in_array($finding[0], ['gait', 'sit_to_stand'], true)
                ? $knee->both($finding[0], $finding[1])
                : $knee->found(...$finding);
        }

        return $knee;
    }
}
