<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Wire\ProblemReader;
use GrayCompass\Inference\Wire\SoundProblem;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What the quick reader takes has no fault, and what it does not take has one that can be named. */
#[Group('slow')]
final class SoundProblemTest extends TestCase
{
    private const ODD = [
        null, true, 0, 1, -1, 0.0, 1.0, 0.5, -0.5, 2.5, 11, 1e9, '', 'acl', 'x', [], [0.1], [0.9, 0.1], ['acl', 'acl'],
    ];

    public function test_every_worked_example_is_taken_at_once(): void
    {
        foreach (self::inputs() as $name => $input) {
            self::assertNotNull(SoundProblem::read($input), $name);
            ProblemReader::refuse($input);
        }
    }

    public function test_both_readers_agree_on_inputs_with_one_thing_changed(): void
    {
        mt_srand(20261126);
        $taken = $refused = 0;
        foreach (self::inputs() as $name => $input) {
            for ($round = 0; $round < 250; $round++) {
                $changed = unserialize(serialize($input));
                $told = "{$name}: ".self::change($changed, '');
                $quick = SoundProblem::read($changed);
                try {
                    ProblemReader::refuse($changed);
                    self::assertNotNull($quick, "{$told} has no fault, and is not taken");
                    $taken++;
                } catch (Refusal $refusal) {
                    self::assertNull($quick, "{$told} is refused: {$refusal->getMessage()}");
                    $refused++;
                }
            }
        }
        self::assertGreaterThan(200, $taken);
        self::assertGreaterThan(1000, $refused);
    }

    /**
     * @return iterable<string, mixed>
     */
    private static function inputs(): iterable
    {
        foreach (glob(__DIR__.'/../data/golden/*.json') ?: [] as $file) {
            yield basename($file) => json_decode((string) file_get_contents($file))->input;
        }
        $levelled = json_decode((string) file_get_contents(__DIR__.'/../data/golden/2-dependent-tests.json'))->input;
        $levelled->groups[0]->results[0]->otherwise = unserialize(serialize($levelled->groups[0]->results[0]->targets));
        yield 'with figures for the other outcome' => $levelled;
    }

    /** Changes, adds or takes away one thing somewhere below. */
    private static function change(mixed &$node, string $path): string
    {
        $inside = is_object($node) ? get_object_vars($node) : (is_array($node) ? $node : []);
        if ($inside === [] || mt_rand(0, 9) === 0) {
            if ($node instanceof stdClass && mt_rand(0, 1) === 0) {
                $node->strange = 1;

                return "{$path} has a strange key";
            }
            $node = self::ODD[mt_rand(0, count(self::ODD) - 1)];

            return "{$path} is ".json_encode($node);
        }
        $key = array_rand($inside);
        if ($node instanceof stdClass) {
            if (mt_rand(0, 9) === 0) {
                unset($node->{$key});

                return "{$path}.{$key} is gone";
            }

            return self::change($node->{$key}, "{$path}.{$key}");
        }

        return self::change($node[$key], "{$path}[{$key}]");
    }
}
