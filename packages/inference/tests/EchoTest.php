<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Tests\Support\SeededFigures;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use PHPUnit\Framework\TestCase;

/** The promises made about results that may only echo each other, over random problems. */
final class EchoTest extends TestCase
{
    private const PROBLEMS = 150;

    public function test_the_order_of_entry_never_matters(): void
    {
        $figures = new SeededFigures(11);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->problem($figures, ['a', 'b', 'c']);
            $chances = SeededFigures::chances($document);
            $document['groups'][0]['results'] = $figures->shuffled($document['groups'][0]['results']);
            foreach (SeededFigures::chances($document) as $k => $chance) {
                self::assertEqualsWithDelta($chances[$k], $chance, 1e-12);
            }
        }
    }

    public function test_with_one_target_a_further_positive_never_lowers_and_a_further_negative_never_raises(): void
    {
        $figures = new SeededFigures(12);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->problem($figures, ['a']);
            $before = SeededFigures::chances($document)[0];
            foreach (['positive' => 1, 'negative' => -1] as $outcome => $way) {
                $more = $document;
                $more['groups'][0]['results'][] = $figures->result('further', $outcome, ['a']);
                self::assertGreaterThanOrEqual(
                    -1e-12,
                    $way * (SeededFigures::chances($more)[0] - $before),
                    "problem {$problem}, {$outcome}",
                );
            }
        }
    }

    public function test_without_echo_it_is_the_plain_product(): void
    {
        $figures = new SeededFigures(13);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->problem($figures, ['a']);
            $document['groups'][0]['echo'] = 0;
            $weighed = SeededFigures::weigh($document)->conditions[0];
            self::assertEqualsWithDelta($weighed->textbook, $weighed->posttest, 1e-12);
        }
    }

    public function test_an_echo_adds_nothing_about_an_injury_that_a_stronger_result_spoke_for(): void
    {
        $row = ['sensitivity' => 0.9, 'specificity' => 0.95];
        $document = [
            'conditions' => [['id' => 'a', 'pretest' => 0.2], ['id' => 'b', 'pretest' => 0.2]],
            'groups' => [['id' => 'g', 'echo' => 0.999999, 'results' => [
                ['finding' => 'strong', 'outcome' => 'positive', 'targets' => ['a' => $row]],
                [
                    'finding' => 'weak',
                    'outcome' => 'positive',
                    'targets' => ['a' => ['sensitivity' => 0.6, 'specificity' => 0.7]],
                ],
            ]]],
        ];
        $both = SeededFigures::chances($document);
        array_pop($document['groups'][0]['results']);
        self::assertEqualsWithDelta(SeededFigures::chances($document)[0], $both[0], 1e-5);
    }

    /**
     * @param  list<string>  $conditions
     * @return array<string, mixed>
     */
    private function problem(SeededFigures $figures, array $conditions): array
    {
        $results = [];
        for ($result = $figures->whole(2, 5); $result > 0; $result--) {
            $targets = $figures->shuffled($conditions);
            $results[] = $figures->result(
                "finding{$result}",
                $figures->whole(0, 1) ? 'positive' : 'negative',
                array_slice($targets, 0, $figures->whole(1, count($conditions))),
            );
        }

        return [
            'conditions' => array_map(
                static fn (string $id): array => ['id' => $id, 'pretest' => $figures->between(0.01, 0.6)],
                $conditions,
            ),
            'groups' => [['id' => 'g', 'echo' => $figures->between(0.0, 0.95), 'results' => $results]],
        ];
    }

    /** Sensitivity and specificity of 0.8: a positive and a negative tell as much, in opposite ways. */
    public function test_of_equally_telling_results_the_positive_is_the_strongest_whichever_came_first(): void
    {
        $result = static fn (string $finding, string $outcome): array => [
            'finding' => $finding,
            'outcome' => $outcome,
            'targets' => ['a' => ['sensitivity' => 0.8, 'specificity' => 0.8]],
        ];
        foreach ([['x', 'positive', 'y', 'negative'], ['x', 'negative', 'y', 'positive']] as [
            $one,
            $first,
            $other,
            $second,
        ]) {
            $problem = json_decode((string) json_encode([
                'conditions' => [['id' => 'a', 'pretest' => 0.2]],
                'groups' => [[
                    'id' => 'g',
                    'echo' => 0.3,
                    'results' => [$result($one, $first), $result($other, $second)],
                ]],
            ]));
            self::assertEqualsWithDelta(
                0.5,
                Weighing::of(ProblemReader::read($problem))->conditions[0]->strongest,
                1e-12,
            );
        }
    }
}
