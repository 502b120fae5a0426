<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Simulation;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Simulation\Calibration;
use GrayCompass\Core\Simulation\Dice;
use GrayCompass\Core\Simulation\Estimates;
use GrayCompass\Core\Simulation\KneeMaker;
use GrayCompass\Core\Simulation\Normal;
use GrayCompass\Core\Simulation\Tally;
use GrayCompass\Core\Simulation\VisitsRun;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Virtual knees drawn from the product's own figures: whom the rules send, rightly and wrongly. */
final class SimulationTest extends TestCase
{
    private const SEED = 20261126;

    private const KNEES = 1500;

    private const KNEES_TWICE = 150;

    /** Over both ways of examining, by the core set and with five tests more. */
    #[Group('slow')]
    public function test_few_sound_knees_are_scanned_and_every_loose_torn_acl_is_sent(): void
    {
        $tally = new Tally;
        $this->examine(self::KNEES, false, $tally);
        $this->examine(self::KNEES, true, $tally);
        self::assertLessThan(0.1, $tally->soundScannedShare());
        self::assertGreaterThan(100, $tally->looseAcl);
        self::assertSame($tally->looseAcl, $tally->looseAclSent);
        self::assertLessThan(0.005, $tally->severalWronglyShare());
        self::assertStringContainsString('cruciate_loose', $tally->text());
        $ruledOut = $tally->zones['acl']['ruled_out'];
        self::assertLessThan(0.02, $ruledOut[0] / array_sum($ruledOut));
        foreach (Condition::cases() as $condition) {
            self::assertEqualsWithDelta(
                $tally->afterStory->share($condition),
                $tally->afterStory->mean($condition),
                3 * $tally->afterStory->standardError($condition),
                $condition->value,
            );
        }
        self::assertEqualsWithDelta(1.0, $tally->atTheEnd->slope(), 0.1);
        self::assertEqualsWithDelta(1.0, $tally->atTheEnd->observedOverExpected(), 0.1);
    }

    /** Each knee twice: what the first visit found makes the chances of the second better, and saves scans. */
    #[Group('slow')]
    public function test_a_second_visit_judges_better_with_the_first(): void
    {
        foreach ([false, true] as $heals) {
            $data = new Figures;
            $run = new VisitsRun($data, new Assessor($data), new Dice(self::SEED), $heals);
            $run->examine(self::KNEES_TWICE);
            self::assertLessThan($run->forgetting->logScore(), $run->remembering->logScore());
            self::assertLessThan($run->forgetting->brier(), $run->remembering->brier());
            self::assertGreaterThan(20, $run->imaged);
            self::assertLessThan(0.25 * $run->imaged, $run->imagedAgain);
            self::assertStringContainsString('with the first visit', $run->text());
        }
    }

    public function test_signs_of_a_group_are_right_and_wrong_together_as_often_as_the_echo_says(): void
    {
        $data = new Figures;
        $library = new EvidenceLibrary($data->evidence(), EvidenceChoice::Cautious, Phase::Acute);
        $shared = (new Estimates($data->simulation()))->shares('sharedByGroup');
        foreach ($data->priors()->groups as $group) {
            $pairs = self::pairs($group->findings, $library);
            if ($group->echo <= 0.0 || $pairs === []) {
                continue;
            }
            $mean = static fn (float $part): float => array_sum(array_map(
                static fn (array $pair): float => self::correlation($pair[0], $pair[1], $part),
                $pairs,
            )) / count($pairs);
            // Signs whose rates differ much cannot agree more often than the largest shared part lets them.
            self::assertEqualsWithDelta(min($group->echo, $mean(0.99)), $mean($shared[$group->id]), 0.05, $group->id);
        }
    }

    public function test_calibration_tells_bold_from_timid(): void
    {
        $bold = new Calibration;
        $fair = new Calibration;
        $dice = new Dice(5);
        for ($at = 0; $at < 4000; $at++) {
            $chance = 0.05 + 0.9 * $dice->share();
            $true = $dice->happens($chance);
            $odds = log($chance / (1 - $chance));
            $fair->take(Condition::Acl, $chance, $true);
            $bold->take(Condition::Acl, 1 / (1 + exp(-2 * $odds)), $true);
        }
        self::assertEqualsWithDelta(1.0, $fair->slope(), 0.06);
        self::assertEqualsWithDelta(0.5, $bold->slope(), 0.03);
        self::assertEqualsWithDelta(1.0, $fair->observedOverExpected(), 0.04);
        self::assertLessThan($bold->brier(), $fair->brier());
    }

    /**
     * Chances of each pair of signs, with no injury and with each that both speak of.
     *
     * @param  list<string>  $signs
     * @return list<array{float, float}>
     */
    private static function pairs(array $signs, EvidenceLibrary $library): array
    {
        $pairs = [];
        foreach ($signs as $at => $one) {
            foreach (array_slice($signs, $at + 1) as $other) {
                [$mine, $theirs] = [$library->rows($one), $library->rows($other)];
                if ($mine === [] || $theirs === []) {
                    continue;
                }
                $pairs[] = [1 - $mine[0]->specificity, 1 - $theirs[0]->specificity];
                foreach ($mine as $row) {
                    foreach ($theirs as $same) {
                        if ($row->target === $same->target) {
                            $pairs[] = [$row->sensitivity, $same->sensitivity];
                        }
                    }
                }
            }
        }

        return $pairs;
    }

    /** Of two yes-or-no signs that share so much of a hidden normal. */
    private static function correlation(float $one, float $other, float $shared): float
    {
        [$a, $b] = [Normal::quantile($one), Normal::quantile($other)];
        $both = 0.0;
        for ($step = 0; $step < 200; $step++) {
            $z = -6 + 12 * ($step + 0.5) / 200;
            $weight = exp(-$z * $z / 2) / sqrt(2 * M_PI) * 12 / 200;
            $rest = sqrt(1 - $shared);
            $both += $weight * Normal::below(($a - sqrt($shared) * $z) / $rest)
                * Normal::below(($b - sqrt($shared) * $z) / $rest);
        }

        return ($both - $one * $other) / sqrt($one * (1 - $one) * $other * (1 - $other));
    }

    public function test_the_same_seed_draws_the_same_knees(): void
    {
        $draw = static fn (int $seed): array => KneeMaker::of(new Figures, new Dice($seed))->knee()->document;
        self::assertSame($draw(7), $draw(7));
        self::assertNotSame($draw(7), $draw(8));
    }

    private function examine(int $knees, bool $further, Tally $tally): void
    {
        $data = new Figures;
        $assessor = new Assessor($data);
        $maker = KneeMaker::of($data, new Dice(self::SEED));
        for ($at = 0; $at < $knees; $at++) {
            $knee = $maker->knee($further);
            $tally->take($knee, $assessor->assess($assessor->read($knee->decoded())));
        }
    }
}
