<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures that an instrument took: how far below a limit its own error reaches, and what is refused. */
final class InstrumentTest extends TestCase
{
    /** @return iterable<string, array{string, float, array<string, mixed>|null, string}> manoeuvre, difference in mm, source, how it reads */
    public static function differences(): iterable
    {
        $steady = ['kind' => 'arthrometer', 'spread' => 0.2, 'pulls' => [['at134N' => 5], ['at134N' => 5], ['at134N' => 5]]];
        $loose = ['spread' => 1.2] + $steady;
        $guarded = ['spread' => 0.6, 'pulls' => [['at134N' => 5, 'guarded' => true], ['at134N' => 5]]] + $steady;
        yield 'by hand, a millimetre below' => ['lachman', 2.0, null, 'equivocal within_hand_error'];
        yield 'three steady pulls, a millimetre below' => ['lachman', 2.0, $steady, 'negative'];
        yield 'three steady pulls, half a millimetre below' => ['lachman', 2.5, $steady, 'equivocal within_instrument_error'];
        yield 'three steady pulls, just outside their error' => ['lachman', 2.4, $steady, 'negative'];
        yield 'loose pulls reach further than a hand' => ['lachman', 1.5, $loose, 'equivocal within_instrument_error'];
        yield 'a guarded pull does not count' => ['lachman', 1.4, $guarded, 'equivocal within_instrument_error'];
        yield 'no spread told' => ['lachman', 2.5, ['kind' => 'file'], 'equivocal within_instrument_error'];
        yield 'no spread told, further below' => ['lachman', 2.4, ['kind' => 'file'], 'negative'];
        yield 'over the limit' => ['lachman', 3.0, $loose, 'positive'];
        yield 'the arthrometer without a source' => ['arthrometer', 2.9, null, 'negative'];
        yield 'the arthrometer with one' => ['arthrometer', 2.9, $steady, 'equivocal within_instrument_error'];
        yield 'the arthrometer, well below' => ['arthrometer', 2.0, $steady, 'negative'];
    }

    /** @param  array<string, mixed>|null  $source */
    #[DataProvider('differences')]
    public function test_an_instrument_errs_by_its_own_spread(string $manoeuvre, float $more, ?array $source, string $reads): void
    {
        $by = $source === null ? [] : ['by' => ['translationMm' => $source]];
        $end = $manoeuvre === 'lachman' ? ['endFeel' => 'firm'] : [];
        $knee = Knee::hurt()->found(
            $manoeuvre,
            ['translationMm' => 5 + $more] + $end + $by,
            ['translationMm' => 5] + $end + $by,
        );

        self::assertSame($reads, $knee->reads($manoeuvre === 'lachman' ? 'lachman' : 'arthrometer_difference'));
    }

    public function test_one_knee_by_hand_leaves_the_error_of_hands(): void
    {
        $by = ['by' => ['translationMm' => ['kind' => 'arthrometer', 'spread' => 0.1]]];
        $knee = Knee::hurt()->found(
            'lachman',
            ['translationMm' => 7.2, 'endFeel' => 'firm'] + $by,
            ['translationMm' => 5, 'endFeel' => 'firm'],
        );

        self::assertSame('equivocal within_hand_error', $knee->reads('lachman'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> by, path of the refusal */
    public static function refused(): iterable
    {
        yield 'a figure that is not given' => [['forceN' => ['kind' => 'arthrometer']], 'findings[0].by.forceN'];
        yield 'a judgement' => [['hamstringsRelaxed' => ['kind' => 'file']], 'findings[0].by.hamstringsRelaxed'];
        yield 'no kind' => [['translationMm' => ['spread' => 1]], 'findings[0].by.translationMm.kind'];
        yield 'an unknown kind' => [['translationMm' => ['kind' => 'hand']], 'findings[0].by.translationMm.kind'];
        yield 'a negative spread' => [['translationMm' => ['kind' => 'file', 'spread' => -1]], 'findings[0].by.translationMm.spread'];
        yield 'too many pulls' => [
            ['translationMm' => ['kind' => 'arthrometer', 'pulls' => array_fill(0, 10, ['at67N' => 3])]],
            'findings[0].by.translationMm.pulls',
        ];
    }

    /** @param  array<string, mixed>  $by */
    #[DataProvider('refused')]
    public function test_a_source_that_makes_no_sense_is_refused_by_its_place(array $by, string $path): void
    {
        self::assertSame($path, Knee::hurt()->found('arthrometer', ['translationMm' => 8, 'by' => $by])->refusal()->path);
    }
}
