<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Core\Wire\Shapes\AssessmentShapes;
use GrayCompass\Core\Wire\Shapes\CatalogueShapes;
use GrayCompass\Core\Wire\Shapes\Terms;
use GrayCompass\Core\Wire\Shapes\WordsShapes;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What the core writes is as its shapes say, and they find what is not. */
final class ShapesTest extends TestCase
{
    /**
     * @return iterable<string, array{string}>
     */
    public static function examples(): iterable
    {
        foreach (Example::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('examples')]
    public function test_every_assessment_has_its_shape(string $name): void
    {
        self::refuse(AssessmentShapes::assessment(), self::written($name));
        self::refuse(AssessmentShapes::assessmentParts(), (object) ['plan' => self::written($name)->plan]);
        $this->addToAssertionCount(1);
    }

    public function test_the_catalogue_has_its_shape(): void
    {
        self::refuse(CatalogueShapes::catalogue(), json_decode((string) json_encode((new Figures)->document())));
        $this->addToAssertionCount(1);
    }

    /**
     * @return iterable<string, array{callable(stdClass): void, string}> what is changed, and what is said of it
     */
    public static function faults(): iterable
    {
        yield 'a part is gone' => [static function (stdClass $one): void {
            unset($one->plan);
        }, 'plan: missing'];
        yield 'a chance beyond one' => [static function (stdClass $one): void {
            $one->conditions[0]->posttest = 1.2;
        }, 'conditions[0].posttest: expected a chance from 0 to 1'];
        yield 'an outcome that there is not' => [static function (stdClass $one): void {
            $one->results[0]->outcome = 'perhaps';
        }, 'results[0].outcome: expected one of positive, negative, equivocal'];
        yield 'an interval of one end' => [static function (stdClass $one): void {
            $one->conditions[1]->interval = [0.2];
        }, 'conditions[1].interval: expected two'];
        yield 'a key that nobody knows' => [static function (stdClass $one): void {
            $one->plan->hunch = true;
        }, 'plan.hunch: unknown key'];
    }

    /**
     * @param  callable(stdClass): void  $change
     */
    #[DataProvider('faults')]
    public function test_what_is_not_so_is_told_by_its_place(callable $change, string $said): void
    {
        $written = self::written('whole-clinic-route');
        $change($written);
        try {
            self::refuse(AssessmentShapes::assessment(), $written);
            self::fail('nothing was told');
        } catch (Refusal $refusal) {
            self::assertSame($said, "{$refusal->path}: {$refusal->reason}");
        }
    }

    public function test_each_name_is_given_once_and_each_that_is_pointed_to_is_there(): void
    {
        $definitions = [];
        foreach ([Terms::class, AssessmentShapes::class, WordsShapes::class, CatalogueShapes::class] as $holder) {
            foreach ((new \ReflectionClass($holder))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
                $shape = $method->invoke(null);
                self::assertInstanceOf(Definition::class, $shape);
                self::assertArrayNotHasKey($shape->name, $definitions);
                $definitions[$shape->name] = $shape->definition();
            }
        }
        preg_match_all('~"#\\\\/(\w+)"~', (string) json_encode($definitions), $pointed);
        self::assertSame([], array_diff($pointed[1], array_keys($definitions)));
        self::assertGreaterThan(20, count(array_unique($pointed[1])));
    }

    private static function refuse(Definition $shape, mixed $value): void
    {
        $faults = new Faults($value);
        $shape->check($value, '', $faults);
        $faults->refuse();
    }

    private static function written(string $name): stdClass
    {
        $written = json_decode((string) json_encode(Example::assessed($name), JSON_PRESERVE_ZERO_FRACTION));

        return $written instanceof stdClass ? $written : throw new \LogicException($name);
    }
}
