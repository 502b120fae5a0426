<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\TestCase;

/** What docs/extending.md says of one entry holds: nothing but data is touched here. */
final class ExtendingTest extends TestCase
{
    private const DATA = __DIR__.'/../../data';

    /** Those above come first. */
    private const FOLDERS = ['.', 'catalogue', 'words', 'words/en'];

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/gray-compass-'.bin2hex(random_bytes(6));
        foreach (self::FOLDERS as $below) {
            is_dir("{$this->folder}/{$below}") || mkdir("{$this->folder}/{$below}", 0700, true);
            foreach (glob(self::DATA."/{$below}/*.*") ?: [] as $file) {
                copy($file, "{$this->folder}/{$below}/".basename($file));
            }
        }
    }

    protected function tearDown(): void
    {
        foreach (array_reverse(self::FOLDERS) as $below) {
            array_map(unlink(...), glob("{$this->folder}/{$below}/*.*") ?: []);
            rmdir($below === '.' ? $this->folder : "{$this->folder}/{$below}");
        }
    }

    public function test_a_manoeuvre_is_one_entry(): void
    {
        $this->change('catalogue/sitting.json', static function (array $station): array {
            $station['heel_drag'] = [
                'name' => 'Heel drag', 'family' => 'strength', 'minutes' => 0.3, 'provocation' => 2,
                'fields' => ['pain', ['name' => 'reps', 'to' => 5]],
                'card' => ['movement' => 'Drag the heel back.', 'sayFirst' => '“Pull your heel back.”'],
            ];

            return $station;
        });
        $figures = new Figures($this->folder);
        self::assertSame('Heel drag', $figures->catalogue()->get('heel_drag')->card->name);
        $written = array_column($figures->document()['manoeuvres'], null, 'id')['heel_drag'];
        self::assertSame(
            [['pain', 'pain', 10.0], ['reps', 'ruler', 5.0]],
            array_map(
                static fn (array $field): array => [$field['name'], $field['widget'], $field['most']],
                $written['fields'],
            ),
        );
        self::assertStringContainsString(
            '"heel_drag"',
            (string) json_encode($figures->examinationSchema()),
        );

        $assessor = new Assessor($figures);
        $read = $assessor->read(self::knee(['manoeuvre' => 'heel_drag', 'side' => 'left', 'pain' => 4, 'reps' => 3]));
        self::assertSame(4.0, $read->records[0]->number('pain'));
        self::assertContains(
            'heel_drag',
            array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $figures->catalogue()->manoeuvres),
        );
        $this->expectException(Refusal::class);
        $assessor->read(self::knee(['manoeuvre' => 'heel_drag', 'side' => 'left', 'reps' => 6]));
    }

    public function test_a_manoeuvre_that_one_field_answers_is_judged_by_its_entry(): void
    {
        $this->change('catalogue/sitting.json', static function (array $station): array {
            $station['heel_drag'] = [
                'name' => 'Heel drag', 'family' => 'strength', 'minutes' => 0.3, 'provocation' => 2,
                'fields' => ['painFront'], 'feeds' => ['resisted_extension_pain'],
                'judgedBy' => [
                    'kind' => 'answer', 'field' => 'painFront', 'positive' => ['is' => true], 'compared' => true,
                ],
                'card' => ['movement' => 'Drag the heel back.', 'sayFirst' => '“Pull your heel back.”'],
            ];

            return $station;
        });
        $assessor = new Assessor(new Figures($this->folder));
        $outcome = static fn (bool $pain): ?Outcome => $assessor
            ->assess($assessor->read(self::knee(['manoeuvre' => 'heel_drag', 'side' => 'left', 'painFront' => $pain])))
            ->bearings->results->counted('resisted_extension_pain');
        self::assertSame([Outcome::Positive, Outcome::Negative], [$outcome(true), $outcome(false)]);
    }

    public function test_what_else_to_think_of_is_one_entry(): void
    {
        $this->change('considerations.json', static fn (array $all): array => [...$all, [
            'id' => 'sore_heel',
            'when' => ['all' => [['fromYears' => 20], ['of' => 'gait', 'field' => 'pattern', 'is' => 'antalgic']]],
            'why' => 'A grown athlete limps.',
            'found' => 'abnormal.limp',
        ]]);
        $also = $this->assessed(['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => 'antalgic'])->bearings->also;
        self::assertContains('A grown athlete limps.', array_column($also, 'why'));
    }

    public function test_a_school_is_one_entry_with_bands_of_its_own(): void
    {
        $this->change('schools.json', static function (array $schools): array {
            $schools['laxity']['schools'][] = [
                'id' => 'wide_margin', 'label' => 'six more than the other knee', 'judgedBy' => 'side_difference',
                'bandsMm' => ['positiveFrom' => 6], 'source' => 'Working estimate.',
            ];

            return $schools;
        });
        $lachman = [
            ['manoeuvre' => 'lachman', 'side' => 'right', 'translationMm' => 2, 'endFeel' => 'firm'],
            ['manoeuvre' => 'lachman', 'side' => 'left', 'translationMm' => 6.5, 'endFeel' => 'firm'],
        ];
        $outcome = fn (string $school): string => $this->assessed(
            ...$lachman,
            with: ['schools' => ['laxity' => $school]],
        )->bearings->results->results[0]->reading->outcome->value;
        self::assertSame(['positive', 'negative'], [$outcome('side_difference'), $outcome('wide_margin')]);
        $offered = array_column((new Figures($this->folder))->document()['schools'][0]['options'], 'bandsMm', 'id');
        self::assertEqualsWithDelta(6.0, $offered['wide_margin']->positiveFrom, 1e-9);
        self::assertEqualsWithDelta(10.0, $offered['wide_margin']->grossOver, 1e-9);
    }

    public function test_a_route_is_one_entry(): void
    {
        $this->change('routes.json', static fn (array $routes): array => [...$routes, [
            'id' => 'focus_inner', 'label' => 'Focus: inner side', 'says' => 'one question', 'takes' => 'aimed',
            'at' => ['mcl'],
        ]]);
        $stops = $this->assessed(with: ['route' => 'focus_inner'])->route->stops;
        $ids = array_merge(...array_column($stops, 'manoeuvres'));
        self::assertContains('valgus_30', $ids);
        self::assertNotContains('mcmurray', $ids);
    }

    public function test_the_wording_of_a_question_and_of_a_code_are_one_entry(): void
    {
        $this->change(
            'questions.json',
            static fn (array $questions): array => array_replace_recursive(
                $questions,
                ['safety' => [['ask' => 'No pulse?']]],
            ),
        );
        $this->change('words.json', static fn (array $words): array => [...$words, 'soft' => 'soft as dough']);
        $document = (new Figures($this->folder))->document();
        self::assertSame('No pulse?', $document['questions']['safety'][0]['ask']);
        self::assertSame('soft as dough', $document['words']['soft']);
    }

    /**
     * @param  callable(array<array-key, mixed>): array<array-key, mixed>  $with
     */
    private function change(string $file, callable $with): void
    {
        $data = json_decode((string) file_get_contents("{$this->folder}/{$file}"), true);
        file_put_contents("{$this->folder}/{$file}", json_encode($with($data)));
    }

    /**
     * @param  array<string, mixed>|array<string, array<string, string>|string>  ...$given  findings, and under `with` what else is told
     */
    private function assessed(array ...$given): Assessment
    {
        $with = $given['with'] ?? [];
        unset($given['with']);
        $assessor = new Assessor(new Figures($this->folder));

        return $assessor->assess($assessor->read((object) [
            ...(array) self::knee(...array_values($given)),
            ...(array) json_decode((string) json_encode($with)),
        ]));
    }

    /**
     * @param  array<string, mixed>  ...$findings
     */
    private static function knee(array ...$findings): mixed
    {
        return json_decode((string) json_encode([
            'format' => 'gray-compass/examination',
            'version' => 1,
            'setting' => 'acute_trauma',
            'hurtSide' => 'left',
            'ageYears' => 25,
            'daysSinceInjury' => 4,
            'findings' => array_values($findings),
        ]));
    }
}
