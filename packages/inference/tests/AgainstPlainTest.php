<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Readings\Trail;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use GrayCompass\Inference\Tests\Support\PlainWeighing;
use GrayCompass\Inference\Wire\ProblemReader;
use PHPUnit\Framework\Attributes\Group as Takes;
use PHPUnit\Framework\TestCase;

/** The fast core against the model written down plainly, over random problems. */
#[Takes('slow')]
final class AgainstPlainTest extends TestCase
{
    private const PROBLEMS = 60;

    private const CONDITIONS = ['a', 'b', 'c', 'd', 'e'];

    public function test_chances_agree_with_the_plain_model(): void
    {
        $figures = new SeededFigures(41);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->document($figures);
            self::assertEqualsWithDelta(
                (new PlainWeighing($document))->chances(),
                SeededFigures::chances($document),
                1e-9,
                "problem {$problem}",
            );
        }
    }

    public function test_a_candidates_outlook_is_what_weighing_it_again_gives(): void
    {
        $figures = new SeededFigures(42);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->document($figures);
            $group = $document['groups'][$figures->whole(0, count($document['groups']) - 1)];
            $result = $figures->result(
                'candidate',
                'positive',
                array_slice($figures->shuffled(self::CONDITIONS), 0, $figures->whole(1, 3)),
            );
            $document['candidates'] = [[
                'finding' => 'candidate',
                'group' => $group['id'],
                'echo' => $group['echo'],
                'minutes' => 1,
                'targets' => $result['targets'],
            ]];
            $test = SeededFigures::weigh($document)->nextTests[0];
            foreach (['positive' => $test->ifPositive, 'negative' => $test->ifNegative] as $outcome => $chances) {
                self::assertEqualsWithDelta(
                    (new PlainWeighing($this->with(
                        $document,
                        $group['id'],
                        [...$result, 'outcome' => $outcome],
                    )))->chances(),
                    $chances,
                    1e-9,
                );
            }
        }
    }

    public function test_the_trail_ends_where_the_weighing_does(): void
    {
        $figures = new SeededFigures(43);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->document($figures);
            $read = ProblemReader::read(json_decode((string) json_encode($document)));
            $steps = array_merge(...array_map(
                static fn (Group $group): array => array_map(
                    static fn (Result $result): array => [$result, $group],
                    $group->results,
                ),
                $read->groups,
            ));
            $trail = new Trail(Belief::before($read));
            foreach ($figures->shuffled($steps) as [$result, $group]) {
                $trail->take($result, new Group($group->id, $group->echo, []));
            }
            self::assertEqualsWithDelta(SeededFigures::chances($document), $trail->chances(), 1e-9);
            foreach ($trail->steps() as $step) {
                self::assertEqualsWithDelta(
                    $step->after / (1 - $step->after),
                    $step->appliedLr * $step->before / (1 - $step->before),
                    1e-6 * $step->appliedLr + 1e-9,
                );
            }
        }
    }

    public function test_the_likeliest_pictures_are_in_order_and_their_chances_add_up(): void
    {
        $figures = new SeededFigures(44);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $pictures = SeededFigures::weigh($this->document($figures))->pictures;
            self::assertCount(5, $pictures);
            $chances = array_map(static fn ($picture): float => $picture->probability, $pictures);
            $sorted = $chances;
            rsort($sorted);
            self::assertSame($sorted, $chances);
            self::assertLessThanOrEqual(1 + 1e-12, array_sum($chances));
        }
        $equal = SeededFigures::weigh(['conditions' => array_map(
            static fn (string $id): array => ['id' => $id, 'pretest' => 0.5],
            ['a', 'b', 'c'],
        )])->pictures;
        self::assertSame(
            [[], [0], [1], [2], [0, 1]],
            array_map(static fn ($picture): array => $picture->present, $equal),
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $result
     * @return array<string, mixed>
     */
    private function with(array $document, string $group, array $result): array
    {
        foreach ($document['groups'] as $index => $there) {
            if ($there['id'] === $group) {
                $document['groups'][$index]['results'][] = $result;
            }
        }

        return $document;
    }

    /**
     * @return array<string, mixed>
     */
    private function document(SeededFigures $figures): array
    {
        $groups = [];
        for ($group = $figures->whole(1, 3); $group > 0; $group--) {
            $results = [];
            for ($result = $figures->whole(1, 4); $result > 0; $result--) {
                $targets = array_slice($figures->shuffled(self::CONDITIONS), 0, $figures->whole(1, 4));
                $results[] = $figures->result(
                    "finding {$group}.{$result}",
                    $figures->whole(0, 2) > 0 ? 'positive' : 'negative',
                    $targets,
                );
            }
            $groups[] = ['id' => "g{$group}", 'echo' => $figures->between(0, 0.9), 'results' => $results];
        }

        return [
            'conditions' => array_map(
                static fn (string $id): array => ['id' => $id, 'pretest' => $figures->between(0.01, 0.7)],
                self::CONDITIONS,
            ),
            'associations' => [
                ['between' => ['a', 'b'], 'oddsRatio' => exp($figures->between(-2, 3))],
                ['between' => ['b', 'd'], 'oddsRatio' => exp($figures->between(-2, 3))],
            ],
            'groups' => $groups,
        ];
    }
}
