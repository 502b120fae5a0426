<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Tests;

use GrayCompass\Document\Refusal;
use GrayCompass\Learning\Calibration\McNemar;
use GrayCompass\Learning\Calibration\Pair;
use GrayCompass\Learning\Calibration\Reference;
use GrayCompass\Learning\Calibration\Scores;
use GrayCompass\Learning\Calibration\Slope;
use GrayCompass\Learning\Learning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds of the figures whatever comes in, and what is refused. */
final class LearningTest extends TestCase
{
    public function test_the_order_of_the_knees_changes_no_figure_of_ones_own(): void
    {
        $case = self::case('own', 'ten-knees');
        $forward = Learning::compute($case);
        $case->input->knees = array_reverse($case->input->knees);
        self::assertEqualsWithDelta($forward, Learning::compute($case), 1e-9);
    }

    public function test_a_perfect_reference_changes_no_figure(): void
    {
        $pairs = self::pairs();
        $perfect = new Reference(1.0, 1.0);
        self::assertSame((new Scores($pairs))->spiegelhalter(), (new Scores($pairs, $perfect))->spiegelhalter());
        self::assertSame(Slope::of($pairs)->slope, Slope::of($pairs, $perfect)->slope);
        self::assertEqualsWithDelta(array_sum(array_map(static fn (Pair $one): float => $one->found(), $pairs)), (new Scores($pairs))->presentCorrected(), 1e-12);
    }

    public function test_a_weight_stands_for_so_many_knees(): void
    {
        $heavy = array_map(static fn (Pair $one): Pair => new Pair($one->chance, $one->present, 2.0), self::pairs());
        $twice = [...self::pairs(), ...self::pairs()];
        self::assertEqualsWithDelta((new Scores($twice))->brier(), (new Scores($heavy))->brier(), 1e-14);
        self::assertEqualsWithDelta(Slope::of($twice)->slope, Slope::of($heavy)->slope, 1e-10);
        self::assertEqualsWithDelta(\count(self::pairs()), (new Scores($heavy))->effective(), 1e-10);
    }

    public function test_two_that_never_differ_show_nothing(): void
    {
        $right = [true, false, true];
        self::assertSame(1.0, (new McNemar($right, $right))->chance());
        self::assertSame(1.0, (new McNemar([true, false], [false, true]))->chance());
    }

    #[DataProvider('undefined')]
    public function test_what_is_not_defined_is_told_as_null(string $json, string $figure): void
    {
        self::assertNull(Learning::compute(json_decode($json))[$figure]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function undefined(): iterable
    {
        $pairs = static fn (string $p, string $y): string => '{"method":"calibration","input":{"p":'.$p.',"y":'.$y.',"base":0.5}}';
        yield 'a slope of what is told apart' => [$pairs('[0.1,0.2,0.8,0.9]', '[0,0,1,1]'), 'slope'];
        yield 'an intercept where nothing was found' => [$pairs('[0.1,0.2]', '[0,0]'), 'intercept'];
        yield 'a slope of one chance' => [$pairs('[0.3,0.3,0.3]', '[0,1,0]'), 'slope'];
        yield 'a test of certainties' => [$pairs('[0,1]', '[0,1]'), 'oeZ'];
        yield 'expected of none' => [$pairs('[0,0]', '[0,0]'), 'oe'];
        yield 'a slope of equal means' => ['{"method":"altman","input":{"a":[1,2,3],"b":[3,2,1]}}', 'slope'];
        yield 'agreement in one category' => ['{"method":"table","input":[[9,0],[0,0]]}', 'kappa'];
        yield 'no sign of drift' => ['{"method":"cusum","input":{"p":[0,1,0.5],"y":[0,1,0],"odds":2,"limit":4}}', 'signalAt'];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_computed_is_refused_by_its_place(string $json, string $path): void
    {
        try {
            Learning::compute(json_decode($json));
            self::fail("{$path} was accepted");
        } catch (Refusal $refusal) {
            self::assertSame($path, $refusal->path, $refusal->reason);
            self::assertNotSame('', $refusal->reason);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $own = static fn (string $knees): string => '{"method":"own","input":{"conditions":[{"id":"acl","pretest":0.2}],"echo":0,"findings":'
            .'[{"id":"lachman","targets":{"acl":{"sensitivity":0.85,"specificity":0.94}}}],"knees":'.$knees.'}}';
        yield 'no object' => ['[]', ''];
        yield 'no method' => ['{}', 'method'];
        yield 'an unknown method' => ['{"method":"magic","input":{}}', 'method'];
        yield 'no input' => ['{"method":"net"}', 'input'];
        yield 'no pairs' => ['{"method":"net","input":{"p":[],"y":[],"t":0.2}}', 'input.p'];
        yield 'pairs that do not match' => ['{"method":"net","input":{"p":[0.2,0.3],"y":[1],"t":0.2}}', 'input.y'];
        yield 'weights that do not match' => ['{"method":"net","input":{"p":[0.2],"y":[1],"w":[1,1],"t":0.2}}', 'input.w'];
        yield 'a weight of nothing' => ['{"method":"net","input":{"p":[0.2],"y":[1],"w":[0],"t":0.2}}', 'input.w[0]'];
        yield 'no chance' => ['{"method":"person","input":{"p":[1.2],"y":[1],"tau":0.4}}', 'input.p[0]'];
        yield 'a reference no better than a coin' => ['{"method":"referenced","input":{"p":[0.2],"y":[1],"se":0.52,"sp":0.52}}', 'input.sp'];
        yield 'a blind reference' => ['{"method":"referenced","input":{"p":[0.2],"y":[1],"se":0.4,"sp":0.9}}', 'input.se'];
        yield 'thresholds the wrong way round' => ['{"method":"losses","input":{"p":[0.2],"y":[1],"ruleOut":0.8,"act":0.2}}', 'input.ruleOut'];
        yield 'a table that is not square' => ['{"method":"table","input":[[1,2],[3]]}', 'input[1]'];
        yield 'one category' => ['{"method":"table","input":[[1]]}', 'input'];
        yield 'a table of one knee' => ['{"method":"table","input":[[0,1],[0,0]]}', 'input'];
        yield 'a table without a knee' => ['{"method":"table","input":[[0,0],[0,0]]}', 'input'];
        yield 'unknown weights' => ['{"method":"table","weights":"cubic","input":[[1,0],[0,1]]}', 'weights'];
        yield 'half a knee' => ['{"method":"table","input":[[1.5,0],[0,1]]}', 'input[0][0]'];
        yield 'a missing examiner' => ['{"method":"icc","input":[[1,2],[3]]}', 'input[1]'];
        yield 'measures that do not differ' => ['{"method":"icc","input":[[1,1],[1,1]]}', 'input'];
        yield 'too few differences' => ['{"method":"altman","input":{"a":[1,2],"b":[1,2]}}', 'input.a'];
        yield 'measures that do not match' => ['{"method":"within","input":{"a":[1,2],"b":[1]}}', 'input.b'];
        yield 'more than there are knees' => ['{"method":"rate","input":{"published":0.2,"worth":40,"sum":9,"knees":8}}', 'input.sum'];
        yield 'an unknown finding' => [$own('[{"results":{"magic":"positive"}}]'), 'input.knees[0].results.magic'];
        yield 'an unknown condition' => [$own('[{"results":{},"reference":{"pcl":["mri","present"]}}]'), 'input.knees[0].reference.pcl'];
        yield 'an unknown look' => [$own('[{"results":{},"reference":{"acl":["guess","present"]}}]'), 'input.knees[0].reference.acl[0]'];
        yield 'an unknown answer' => [$own('[{"results":{},"reference":{"acl":["mri","maybe"]}}]'), 'input.knees[0].reference.acl[1]'];
    }

    private static function case(string $file, string $id): object
    {
        $cases = json_decode((string) file_get_contents(__DIR__."/../data/{$file}.json"))->cases;

        return array_values(array_filter($cases, static fn (object $case): bool => $case->id === $id))[0];
    }

    /** @return non-empty-list<Pair> */
    private static function pairs(): array
    {
        $input = self::case('calibration', 'forty')->input;

        return array_map(static fn (float $p, int $y): Pair => new Pair($p, $y === 1), $input->p, $input->y);
    }
}
