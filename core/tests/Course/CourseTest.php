<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Course;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Course\Better;
use GrayCompass\Core\Course\Change;
use GrayCompass\Core\Course\CourseMeasure;
use GrayCompass\Core\Course\How;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\HurtKnee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is followed from visit to visit, and what of it is a change. */
final class CourseTest extends TestCase
{
    public function test_every_curve_reads_fields_that_its_manoeuvres_have(): void
    {
        $figures = new Figures;
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/course.json'), true)['curves'];
        self::assertSame(array_column($data, 'id'), array_map(static fn (CourseMeasure $one): string => $one->id, $figures->curves()->all));
        foreach ($data as $curve) {
            foreach ($curve['of'] ?? [] as $manoeuvre) {
                self::assertContains($curve['field'], array_column($figures->catalogue()->get($manoeuvre)->fields, 'name'), $curve['id']);
            }
        }
    }

    public function test_the_values_are_those_of_the_record(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../../examples/whole-clinic-route.json'));
        $document->history->painNow = 4;
        $knee = new HurtKnee((new Assessor)->read($document));
        $values = [];
        foreach ((new Figures)->curves()->all as $curve) {
            $values[$curve->id] = $curve->value($knee, 1.5);
        }
        self::assertSame([7.0, 4.0, 4.0, -10.0, 1.5, 4.0], [
            $values['lachman'], $values['anterior_drawer'], $values['valgus_30'], $values['extension'],
            $values['fluid'], $values['pain'],
        ]);
        $document->otherKneeReliable = false;
        $alone = new HurtKnee((new Assessor)->read($document));
        self::assertNull((new Figures)->curves()->all[0]->value($alone, null));
    }

    /**
     * @return iterable<string, array{Better, float|null, float|null, Change|null}>
     */
    public static function pairs(): iterable
    {
        yield 'within the error' => [Better::NearerZero, 7.0, 5.0, Change::AsBefore];
        yield 'beyond it' => [Better::NearerZero, 7.0, 4.9, Change::Better];
        yield 'past zero, and as far on the other side' => [Better::NearerZero, 3.0, -4.0, Change::Worse];
        yield 'past zero, and just as far on the other side' => [Better::NearerZero, 3.0, -3.0, Change::Worse];
        yield 'more bend' => [Better::More, 100.0, 120.0, Change::Better];
        yield 'less bend' => [Better::More, 120.0, 100.0, Change::Worse];
        yield 'less pain' => [Better::Less, 7.0, 3.0, Change::Better];
        yield 'not measured again' => [Better::Less, 7.0, null, null];
        yield 'measured for the first time' => [Better::Less, null, 7.0, null];
    }

    #[DataProvider('pairs')]
    public function test_only_what_goes_beyond_the_error_of_the_hand_is_a_change(
        Better $better, ?float $before, ?float $after, ?Change $change,
    ): void {
        self::assertSame($change, Change::of(new CourseMeasure('x', 'x', 'mm', 2.0, $better, How::Pain), $before, $after));
    }

    public function test_a_chance_has_changed_where_the_doubt_of_the_earlier_visit_does_not_cover_it(): void
    {
        self::assertSame(Change::AsBefore, Change::ofChance(0.6, 0.4, 0.8, 0.45));
        self::assertSame(Change::AsBefore, Change::ofChance(0.6, 0.4, 0.8, 0.4), 'the ends belong to the doubt');
        self::assertSame(Change::AsBefore, Change::ofChance(0.6, 0.4, 0.8, 0.8), 'the ends belong to the doubt');
        self::assertSame(Change::MoreLikely, Change::ofChance(0.6, 0.4, 0.8, 0.85));
        self::assertSame(Change::LessLikely, Change::ofChance(0.6, 0.4, 0.8, 0.1));
        self::assertSame(['as before', 'better', 'worse', 'more likely', 'less likely'], array_map(static fn (Change $one): string => $one->label(), Change::cases()));
    }
}
