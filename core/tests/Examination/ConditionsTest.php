<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Findings;

use GrayCompass\Core\Examination\Facts\ConditionReader;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Tests\Support\Knee;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use UnexpectedValueException;

/** What conditions in the data say of one knee, and from which finding on. */
final class ConditionsTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $condition
     */
    #[DataProvider('forms')]
    public function test_a_condition_is_so_from_the_finding_that_settles_it(array $condition, ?int $since): void
    {
        self::assertSame($since, ConditionReader::read($condition)->since(self::seen()));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, int|null}> condition, place of what settles it
     */
    public static function forms(): iterable
    {
        yield 'a word' => [['of' => 'gait', 'field' => 'pattern', 'is' => 'antalgic'], 0];
        yield 'another word' => [['of' => 'gait', 'field' => 'pattern', 'is' => ['varus_thrust', 'normal']], null];
        yield 'among words' => [['of' => 'landmark_palpation', 'field' => 'tender', 'is' => 'pes_insertion'], 2];
        yield 'no words' => [['of' => 'landmark_palpation', 'field' => 'tender', 'empty' => true], null];
        yield 'a yes' => [['of' => 'warmth', 'field' => 'warmer', 'is' => true], 4];
        yield 'a yes that the other knee says too' => [
            ['of' => 'warmth', 'field' => 'warmer', 'is' => true, 'hereOnly' => true],
            null,
        ];
        yield 'a yes of the other knee' => [
            ['of' => 'warmth', 'field' => 'warmer', 'is' => true, 'knee' => 'other'],
            4,
        ];
        yield 'a no is not a silence' => [['of' => 'hop', 'field' => 'afraid', 'is' => false], null];
        yield 'at least' => [['of' => 'passive_extension', 'field' => 'extensionDeg', 'atLeast' => -8], 6];
        yield 'above is not at least' => [
            ['of' => 'passive_extension', 'field' => 'extensionDeg', 'above' => -8], null,
        ];
        yield 'at most' => [['of' => 'passive_extension', 'field' => 'extensionDeg', 'atMost' => -8], 6];
        yield 'below is not at most' => [['of' => 'passive_extension', 'field' => 'extensionDeg', 'below' => -8], null];
        yield 'a difference' => [
            ['of' => 'passive_extension', 'field' => 'extensionDeg', 'as' => 'difference', 'atMost' => -10],
            6,
        ];
        yield 'no difference without the other knee' => [
            ['of' => 'flexion_range', 'field' => 'flexionDeg', 'as' => 'difference', 'below' => 0],
            null,
        ];
        yield 'its own figure where there is no difference' => [
            ['of' => 'flexion_range', 'field' => 'flexionDeg', 'as' => 'differenceOrOwn', 'below' => 90],
            7,
        ];
        yield 'a share of the other knee' => [
            ['of' => 'resisted_extension', 'field' => 'newtons', 'as' => 'share', 'below' => -0.1],
            9,
        ];
        yield 'not so large a share' => [
            ['of' => 'resisted_extension', 'field' => 'newtons', 'as' => 'share', 'below' => -0.2],
            null,
        ];
        yield 'given' => [['of' => 'flexion_range', 'field' => 'flexionDeg', 'given' => true], 7];
        yield 'left out' => [['of' => 'lachman', 'leftOut' => 'pain'], 1];
        yield 'left out for another reason' => [['of' => 'lachman', 'leftOut' => 'time'], null];
        yield 'left out is not done' => [['of' => 'lachman', 'done' => true], null];
        yield 'normal' => [['of' => 'ankle_lift', 'normal' => true], 10];
        yield 'the first of several manoeuvres' => [['of' => ['ankle_lift', 'warmth'], 'done' => true], 4];
        yield 'all, from the last' => [
            ['all' => [['of' => 'gait', 'done' => true], ['of' => 'warmth', 'done' => true]]],
            4,
        ];
        yield 'all but one' => [['all' => [['of' => 'gait', 'done' => true], ['of' => 'hop', 'done' => true]]], null];
        yield 'any, from the first' => [
            ['any' => [['of' => 'warmth', 'done' => true], ['of' => 'gait', 'done' => true]]],
            0,
        ];
        yield 'not' => [['not' => ['of' => 'hop', 'done' => true]], -1];
        yield 'a fact by name' => [['fact' => 'limps'], 0];
        yield 'age' => [['fromYears' => 25], -1];
        yield 'under that age' => [['underYears' => 25], null];
        yield 'days since the injury' => [['withinDays' => 4], -1];
        yield 'fewer days' => [['withinDays' => 3], null];
        yield 'said' => [['said' => 'pop'], -1];
        yield 'denied' => [['denied' => 'locking'], -1];
        yield 'not asked' => [['unasked' => 'catching'], -1];
        yield 'pain from' => [['painFrom' => 6], -1];
        yield 'less pain' => [['painFrom' => 6.5], null];
        yield 'a question of the gate that is open' => [['unanswered' => 'openWound'], -1];
        yield 'a question of the gate that is answered' => [['unanswered' => 'deformity'], null];
        yield 'a sign, before results stand' => [['positive' => 'lachman'], null];
    }

    public function test_signs_are_asked_once_results_stand(): void
    {
        $knee = Knee::hurt()->found(
            'lachman', ['translationMm' => 9, 'endFeel' => 'soft'], ['translationMm' => 2, 'endFeel' => 'firm'],
        )
            ->assessed()->bearings;
        $seen = new FactSubject($knee->knee, $knee->results);
        self::assertTrue($seen->is(ConditionReader::read(['positive' => ['pivot_shift', 'lachman']])));
        self::assertFalse($seen->is(ConditionReader::read(['negative' => ['pivot_shift', 'lachman']])));
    }

    public function test_a_fact_is_asked_of_the_knee_by_name(): void
    {
        $knee = self::seen()->knee;
        self::assertTrue($knee->is(Fact::Limps));
        self::assertSame(0, $knee->since(Fact::Limps));
        self::assertNull($knee->since(Fact::WalksFreely));
    }

    /**
     * @param  class-string<\Throwable>  $with
     */
    #[DataProvider('nonsense')]
    public function test_what_is_no_condition_is_refused_when_it_is_read(mixed $data, string $with, string $why): void
    {
        $this->expectException($with);
        $this->expectExceptionMessage($why);
        ConditionReader::read($data);
    }

    /**
     * @return iterable<string, array{mixed, class-string<\Throwable>, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'a word' => ['limps', UnexpectedValueException::class, 'A condition is an object.'];
        yield 'an unknown form' => [['moon' => 'full'], UnexpectedValueException::class, 'no known form'];
        yield 'nothing asked of a record' => [['of' => 'gait'], UnexpectedValueException::class, 'asks for a field'];
        yield 'an unknown way to compare' => [
            ['of' => 'gait', 'field' => 'pattern', 'as' => 'ratio', 'above' => 1],
            UnexpectedValueException::class,
            'not asked for as ratio',
        ];
        yield 'an unknown answer' => [['said' => 'ouch'], \ValueError::class, 'ouch'];
    }

    public function test_an_unknown_fact_is_named_when_it_is_asked(): void
    {
        $this->expectException(OutOfBoundsException::class);
        $this->expectExceptionMessage('There is no fact sings.');
        ConditionReader::read(['fact' => 'sings'])->since(self::seen());
    }

    private static function seen(): FactSubject
    {
        $examination = Knee::hurt()
            ->with('history', ['pop' => true, 'locking' => false, 'painNow' => 6])
            ->with('safety', ['deformity' => false])
            ->walked('antalgic')
            ->found('lachman', ['notDone' => 'pain'])
            ->found('landmark_palpation', ['tender' => ['pes_insertion', 'outer_band']])
            ->found('warmth', ['warmer' => true], ['warmer' => true])
            ->found('passive_extension', ['extensionDeg' => -8, 'endFeel' => 'springy'], ['extensionDeg' => 2])
            ->found('flexion_range', ['flexionDeg' => 80])
            ->found('resisted_extension', ['newtons' => 170], ['newtons' => 200])
            ->found('ankle_lift', ['normal' => true])
            ->assessed()->bearings->examination;

        return new FactSubject(new \GrayCompass\Core\Examination\HurtKnee($examination));
    }
}
