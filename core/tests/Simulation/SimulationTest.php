<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Simulation;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Simulation\Dice;
use GrayCompass\Core\Simulation\KneeMaker;
use GrayCompass\Core\Simulation\Tally;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Virtual knees drawn from the product's own figures: whom the rules send, rightly and wrongly. */
final class SimulationTest extends TestCase
{
    private const SEED = 20261126;

    private const KNEES = 600;

    #[Group('slow')]
    public function test_few_sound_knees_are_scanned_and_every_loose_torn_acl_is_sent(): void
    {
        foreach ([false, true] as $further) {
            $tally = $this->examined(self::KNEES, $further);
            self::assertLessThan(0.1, $tally->soundScannedShare());
            self::assertGreaterThan(50, $tally->looseAcl);
            self::assertSame($tally->looseAcl, $tally->looseAclSent);
            self::assertLessThan(0.005, $tally->severalWronglyShare());
            self::assertStringContainsString('cruciate_loose', $tally->text());
            $ruledOut = $tally->zones['acl']['ruled_out'];
            self::assertLessThan(0.02, $ruledOut[0] / array_sum($ruledOut));
        }
    }

    public function test_the_same_seed_draws_the_same_knees(): void
    {
        $draw = static fn (int $seed): array => KneeMaker::of(new Figures, new Dice($seed))->knee()->document;
        self::assertSame($draw(7), $draw(7));
        self::assertNotSame($draw(7), $draw(8));
    }

    private function examined(int $knees, bool $further): Tally
    {
        $data = new Figures;
        $assessor = new Assessor($data);
        $maker = KneeMaker::of($data, new Dice(self::SEED));
        $tally = new Tally;
        for ($at = 0; $at < $knees; $at++) {
            $knee = $maker->knee($further);
            $tally->take($knee, $assessor->assess($assessor->read($knee->decoded())));
        }

        return $tally;
    }
}
