<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Past;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Core\Tests\Support\Visits;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\TestCase;

/** What holds for every knee with a past, over random documents. */
final class PastPromisesTest extends TestCase
{
    private const DOCUMENTS = 60;

    private ?Assessor $assessor = null;

    public function test_the_order_in_which_visits_are_given_does_not_matter(): void
    {
        foreach ($this->pairs() as [$document, $visits]) {
            self::assertSame(
                $this->written([...$document, 'earlier' => $visits]),
                $this->written([...$document, 'earlier' => array_reverse($visits)]),
            );
        }
    }

    public function test_a_past_of_nothing_is_no_past_and_what_has_expired_changes_nothing(): void
    {
        $catalogue = (new Figures)->catalogue();
        foreach ($this->pairs() as [$document, $visits]) {
            $alone = $this->written($document);
            self::assertSame($alone, $this->written([...$document, 'earlier' => [], 'known' => []]));
            $old = array_map(static fn (array $visit): array => [
                ...$visit, 'daysAgo' => 43, 'examinedOn' => '2026-10-18',
                'findings' => array_values(array_filter(
                    $visit['findings'],
                    static fn (array $one): bool => $one['manoeuvre'] !== 'inspection'
                        && $catalogue->get($one['manoeuvre'])->family !== Family::Fluid,
                )),
            ], [$visits[0]]);
            $later = $this->written([...$document, 'earlier' => $old]);
            self::assertSame($alone['conditions'], $later['conditions']);
            self::assertSame($alone['safety'], $later['safety']);
        }
    }

    public function test_a_look_never_moves_its_own_chance_the_wrong_way(): void
    {
        foreach ($this->pairs() as $index => [$document, $visits]) {
            $with = [...$document, 'earlier' => $visits];
            $condition = Condition::cases()[$index % 7];
            $by = $index % 2 === 0 ? 'mri' : 'arthroscopy';
            $look = fn (string $seen): float => $this->written([
                ...$with, 'known' => [Visits::known($by, 3, [$condition->value => $seen])],
            ])['conditions'][$condition->position()]['posttest'];
            $without = $this->written($with)['conditions'][$condition->position()]['posttest'];
            self::assertGreaterThanOrEqual($without - 1e-12, $look('present'));
            self::assertLessThanOrEqual($without + 1e-12, $look('absent'));
        }
    }

    public function test_no_past_takes_a_safety_line_away(): void
    {
        $known = [Visits::known('mri', 2, array_fill_keys(['acl', 'pcl', 'plc', 'mcl', 'lcl'], 'absent'))];
        foreach ($this->pairs() as [$document, $visits]) {
            $alone = $this->lines($document);
            $old = [Visits::known('operation', 900, array_fill_keys(['acl', 'pcl', 'plc', 'mcl', 'lcl'], 'present'), ['episode' => 'before'])];
            foreach ([
                ['earlier' => $visits], ['known' => $known], ['known' => $old], ['earlier' => $visits, 'known' => $known],
            ] as $past) {
                $with = $this->lines([...$document, ...$past]);
                foreach ($alone as $rule => $rank) {
                    self::assertArrayHasKey($rule, $with);
                    self::assertLessThanOrEqual($rank, $with[$rule], "{$rule} is no less urgent");
                }
            }
        }
    }

    public function test_a_result_of_one_sign_counts_at_most_once_each_way(): void
    {
        foreach ($this->pairs() as [$document, $visits]) {
            $met = [];
            foreach ($this->written([...$document, 'earlier' => $visits])['results'] as $result) {
                if ($result['counts']) {
                    $key = "{$result['finding']} {$result['outcome']}";
                    self::assertArrayNotHasKey($key, $met);
                    $met[$key] = true;
                }
            }
        }
    }

    /**
     * @return iterable<int, array{array<string, mixed>, list<array<string, mixed>>}>
     */
    private function pairs(): iterable
    {
        $figures = new SeededFigures(1411);
        for ($index = 0; $index < self::DOCUMENTS; $index++) {
            $document = RandomDocuments::one($figures);
            $visits = array_map(
                static fn (int $days): array => Visits::ago($days, RandomDocuments::one($figures)['findings']),
                [3, 9, 20],
            );
            yield $index => [$document, $visits];
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, int>  rank by rule; less is more urgent
     */
    private function lines(array $document): array
    {
        $gate = $this->assessor()->assess($this->assessor()->read(Knee::plain($document)))->bearings->gate;
        $ranks = [];
        foreach ([...$gate->lines, ...$gate->faded] as $line) {
            $ranks[$line->rule->value] = $line->urgency?->rank() ?? -1;
        }

        return $ranks;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function written(array $document): array
    {
        $written = AssessmentWriter::write($this->assessor()->assess($this->assessor()->read(Knee::plain($document))));

        return (array) json_decode((string) json_encode($written), true);
    }

    private function assessor(): Assessor
    {
        return $this->assessor ??= new Assessor;
    }
}
