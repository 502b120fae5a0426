<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Examination\FigureSource;
use GrayCompass\Core\Examination\MeasuredWith;
use GrayCompass\Document\Given;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\SameAs;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/**
 * How an instrument took a figure: what it is, its pulls, and how far they differ.
 *
 * @internal
 */
final class FigureSourceShape
{
    private const MOST_PULLS = 9;

    private const MOST_MM = 60.0;

    private const MOST_N = 2000.0;

    /** Where the schema of a document or of its payloads holds the sources once. */
    private const PLACE = '#/$defs/FigureSources';

    /** Sources by field, in a schema that has them among its definitions. */
    public static function byField(): SameAs
    {
        return new SameAs(new MapOf(self::of()), self::PLACE);
    }

    /** @return array{FigureSources: array<string, mixed>} what the schema defines */
    public static function definitions(): array
    {
        return ['FigureSources' => (new MapOf(self::of()))->schema()];
    }

    private static function of(): Fields
    {
        return new Fields(['kind' => Word::of(MeasuredWith::class)], [
            'device' => new Text(1, 80),
            'serial' => new Text(1, 80),
            'spread' => new Noted(Number::within(0.0, 1000.0), 'standard deviation, in the unit of the figure'),
            'leverM' => new Noted(Number::within(0.05, 1.0, 'm'), 'from the axis of the knee to the pad'),
            'massKg' => new Noted(Number::within(15.0, 250.0, 'kg'), 'of the athlete'),
            'pulls' => new Items(self::pull(), self::MOST_PULLS),
        ]);
    }

    public static function read(Given $given): FigureSource
    {
        $counting = array_filter(
            $given->items('pulls'),
            static fn (Given $pull): bool => $pull->answer('guarded') !== true,
        );

        return new FigureSource(
            MeasuredWith::from($given->text('kind')),
            $given->number('spread'),
            \count($counting),
        );
    }

    private static function pull(): Fields
    {
        $millimetres = new Noted(Number::within(-self::MOST_MM, self::MOST_MM, 'mm'), 'displacement at that force');

        return new Fields([], [
            'at67N' => $millimetres,
            'at89N' => $millimetres,
            'at134N' => $millimetres,
            'peakN' => Number::within(0.0, self::MOST_N, 'N'),
            'meanN' => Number::within(0.0, self::MOST_N, 'N'),
            'guarded' => new Noted(new YesNo, 'the muscles held; not counted'),
        ]);
    }
}
