<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Evidence;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\Quality;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** Which figures apply: set, phase, fallback; and that the shipped ones are sound. */
final class EvidenceTest extends TestCase
{
    public function test_the_phase_of_the_injury_wins_over_any(): void
    {
        self::assertSame(0.49, $this->cautious(Phase::Acute)->row('anterior_drawer', Condition::Acl)?->sensitivity);
        self::assertSame(0.92, $this->cautious(Phase::Chronic)->row('anterior_drawer', Condition::Acl)?->sensitivity);
        self::assertSame(0.85, $this->cautious(Phase::Chronic)->row('lachman', Condition::Acl)?->sensitivity);
        $rows = [$this->row(null, 0.5), $this->row(Phase::Acute, 0.6)];
        foreach ([$rows, array_reverse($rows)] as $order) {
            self::assertSame(
                0.6,
                (new EvidenceLibrary(
                    $order,
                    EvidenceChoice::Cautious,
                    Phase::Acute,
                ))->row('f', Condition::Acl)?->sensitivity,
            );
            self::assertSame(
                0.5,
                (new EvidenceLibrary(
                    $order,
                    EvidenceChoice::Cautious,
                    Phase::Chronic,
                ))->row('f', Condition::Acl)?->sensitivity,
            );
        }
    }

    public function test_fourteen_days_are_fresh_and_no_injury_is_not(): void
    {
        self::assertSame(Phase::Acute, Phase::of(14));
        self::assertSame(Phase::Chronic, Phase::of(15));
        self::assertSame(Phase::Chronic, Phase::of(null));
        self::assertSame('chronic', Knee::hurt()->with('daysSinceInjury', 15)->assessed()->figures->today->phase->value);
    }

    public function test_a_finding_absent_from_a_set_takes_its_cautious_rows_whole(): void
    {
        $first = new EvidenceLibrary((new Figures)->evidence(), EvidenceChoice::FirstReports, Phase::Acute);
        self::assertSame(0.94, $first->row('lachman', Condition::Acl)?->sensitivity);
        self::assertSame('cautious', $first->row('effusion', Condition::Acl)?->set);
        self::assertCount(5, $first->rows('effusion'));
        // In its own set, tenderness of the joint line speaks of the meniscus alone: no cautious row is mixed in.
        self::assertNull($first->row('joint_line_tenderness_medial', Condition::Mcl));
        self::assertNotNull($this->cautious(Phase::Acute)->row('joint_line_tenderness_medial', Condition::Mcl));
        self::assertSame([], $this->cautious(Phase::Acute)->rows('thessaly_5_medial'));
        self::assertCount(1, $first->rows('thessaly_5_medial'));
    }

    public function test_an_empty_own_set_is_the_cautious_one(): void
    {
        $own = new EvidenceLibrary((new Figures)->evidence(), EvidenceChoice::Own, Phase::Acute);
        self::assertSame($this->cautious(Phase::Acute)->digest(), $own->digest());
        self::assertNotSame($this->cautious(Phase::Chronic)->digest(), $own->digest());
    }

    public function test_rows_come_in_the_order_of_conditions(): void
    {
        $targets = array_map(
            static fn (EvidenceRow $row): string => $row->target->value,
            $this->cautious(Phase::Acute)->rows('effusion'),
        );
        self::assertSame(['acl', 'pcl', 'medial_meniscus', 'lateral_meniscus', 'patellar_instability'], $targets);
    }

    public function test_quality_decides_the_spread_and_every_row_is_yet_to_be_checked(): void
    {
        $baseline = (new Figures)->priors();
        self::assertSame([0.5, 0.5, 0.0], array_map($baseline->spread(...), Quality::cases()));
        foreach ((new Figures)->evidence() as $row) {
            self::assertNull($row->checked);
            self::assertNotSame('', $row->source);
            self::assertNotSame('', $row->quality->label());
        }
        self::assertContains('figures_not_checked', Knee::hurt()->remarks());
    }

    public function test_every_shipped_row_is_a_figure_inside_its_interval(): void
    {
        foreach ((new Figures)->evidence() as $row) {
            foreach ([
                [$row->sensitivity, $row->sensitivityInterval], [$row->specificity, $row->specificityInterval],
            ] as [
                $figure,
                [$low, $high],
            ]) {
                self::assertTrue(
                    $low > 0 && $low <= $figure && $figure <= $high && $high < 1,
                    "{$row->finding} {$row->target->value}",
                );
            }
        }
    }

    public function test_the_baseline_is_read_whole_and_every_finding_has_a_group(): void
    {
        $baseline = (new Figures)->priors();
        foreach (Setting::cases() as $setting) {
            foreach (Condition::cases() as $condition) {
                foreach ([null, 11, 12, 17, 18] as $age) {
                    $rate = $baseline->rates($setting, $age)->rate($condition);
                    self::assertTrue($rate > 0 && $rate < 1);
                }
            }
        }
        $acl = static fn (?int $age): float => $baseline->rates(Setting::AcuteTrauma, $age)->rate(Condition::Acl);
        self::assertSame([0.2, 0.05, 0.15, 0.15, 0.2], array_map($acl, [null, 11, 12, 17, 18]));
        self::assertSame($baseline->rates(Setting::Specialist, null), $baseline->rates(Setting::Specialist, 9));
        self::assertSame(30.0, (float) $baseline->rates(Setting::Touchline, 9)->weight);
        self::assertSame(
            [3.0, 4.0, 1.0],
            array_map(
                static fn (Condition $one): float => (float) $baseline->seriousness($one),
                [Condition::Acl, Condition::Plc, Condition::PatellofemoralPain],
            ),
        );
        self::assertSame([0.08, 0.8], $baseline->thresholds(Condition::Acl));
        self::assertCount(12, $baseline->pairings);
        foreach ($this->cautious(Phase::Acute)->findings() as $finding) {
            self::assertStringStartsNotWith('alone_', $baseline->groupOf($finding)->id, $finding);
        }
        self::assertSame(0.0, $baseline->groupOf('something_new')->echo);
    }

    public function test_every_finding_of_a_manoeuvre_is_known_to_the_evidence(): void
    {
        $known = array_unique(array_map(
            static fn (EvidenceRow $row): string => $row->finding,
            (new Figures)->evidence(),
        ));
        foreach ((new Figures)->catalogue()->manoeuvres as $manoeuvre) {
            self::assertSame([], array_diff($manoeuvre->feeds, $known), $manoeuvre->id);
        }
    }

    public function test_the_plain_row_is_the_average_of_its_levels(): void
    {
        $levels = (new Figures)->levels();
        self::assertCount(11, $levels->signs());
        foreach ($levels->signs() as $sign) {
            $sums = [0.0, 0.0];
            foreach (Level::cases() as $level) {
                $sums[0] += $levels->share($sign, $level);
                $sums[1] += $levels->share($sign, $level) * $levels->factor($sign, $level);
            }
            self::assertEqualsWithDelta([1.0, 1.0], $sums, 0.001, $sign);
        }
        self::assertSame(1.0, $levels->factor('effusion', Level::Gross));
    }

    public function test_a_level_changes_the_false_positives_alone(): void
    {
        $row = $this->row(null, 0.6)->atFalsePositives(0.5);
        self::assertSame([0.6, [0.4, 0.7]], [$row->sensitivity, $row->sensitivityInterval]);
        self::assertEqualsWithDelta(
            [0.95, 0.9, 0.975],
            [$row->specificity, ...(array) $row->specificityInterval],
            1e-12,
        );
        $most = $this->row(null, 0.6)->atFalsePositives(0.01);
        self::assertSame([0.995, null], [$most->specificity, $most->specificityInterval]);
    }

    public function test_a_digest_tells_apart_any_figure(): void
    {
        $data = new Figures;
        $folder = sys_get_temp_dir().'/gc-figures-'.getmypid();
        mkdir($folder);
        foreach (['evidence.csv', 'priors.json', 'levels.csv'] as $file) {
            copy(__DIR__."/../../data/{$file}", "{$folder}/{$file}");
        }
        self::assertSame(
            $data->digest($this->cautious(Phase::Acute)),
            (new Figures($folder))->digest($this->cautious(Phase::Acute)),
        );
        $changes = ['priors.json' => ['"acl": 0.2' => '"acl": 0.21'], 'levels.csv' => [',2.8,' => ',2.9,']];
        foreach ($changes as $file => $change) {
            $text = (string) file_get_contents("{$folder}/{$file}");
            file_put_contents("{$folder}/{$file}", strtr($text, $change));
            self::assertNotSame(
                $data->digest($this->cautious(Phase::Acute)),
                (new Figures($folder))->digest($this->cautious(Phase::Acute)),
                $file,
            );
            file_put_contents("{$folder}/{$file}", $text);
        }
        array_map(unlink(...), (array) glob("{$folder}/*"));
        rmdir($folder);
    }

    private function cautious(Phase $phase): EvidenceLibrary
    {
        return new EvidenceLibrary((new Figures)->evidence(), EvidenceChoice::Cautious, $phase);
    }

    private function row(?Phase $phase, float $sensitivity): EvidenceRow
    {
        return new EvidenceRow(
            'f',
            Condition::Acl,
            $phase,
            $sensitivity,
            [0.4, 0.7],
            0.9,
            [0.8, 0.95],
            'cautious',
            Quality::B,
            'made up',
        );
    }
}
