<?php

declare(strict_types=1);

namespace App\Club\Http\Shapes;

use App\Access\Values\DateOrder;
use App\Club\Import\Column;
use App\Club\Import\LineStatus;
use App\Club\Import\Sheet;
use App\Club\Values\ImportState;
use GrayCompass\Core\Wire\Shapes\CatalogueShapes;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** Squad lists that come in. */
final class ImportShapes
{
    public static function importList(): Definition
    {
        return new Definition('ImportList', new Fields([
            'content' => new Noted(Text::free(), 'the file as it is, in base 64'),
        ], [
            'columns' => new Noted(
                new OrNull(
                    new Fields([], self::columns(), strict: true),
                ),
                'place of each column, from 0; null: as the heads suggest',
            ),
            'dates' => new Noted(new OrNull(Word::of(DateOrder::class)), 'null: as the dates suggest'),
            'squad' => new Noted(new OrNull(Text::upTo(80)), 'of lines without one'),
            'take' => new Noted(new Items(Number::from(2), Sheet::MOST_ROWS), 'similar rows that were checked: another athlete'),
            'expects' => new Noted(Number::from(0), 'refused unless just so many are added'),
        ], strict: true));
    }

    public static function importPreview(): Definition
    {
        return new Definition('ImportPreview', new Fields([
            'letters' => new Noted(Text::free(), 'the encoding that was found'),
            'between' => new Noted(Text::free(), 'what stands between cells'),
            'heads' => new Items(Text::free()),
            'columns' => new Fields([], [
                'name' => new OrNull(Number::anyWhole()),
                'givenName' => new OrNull(Number::anyWhole()),
                'familyName' => new OrNull(Number::anyWhole()),
                'born' => new OrNull(Number::anyWhole()),
                'squad' => new OrNull(Number::anyWhole()),
                'number' => new OrNull(Number::anyWhole()),
                'sport' => new OrNull(Number::anyWhole()),
                'doctor' => new OrNull(Number::anyWhole()),
                'guardian' => new OrNull(Number::anyWhole()),
                'notes' => new OrNull(Number::anyWhole()),
                'sex' => new OrNull(Number::anyWhole()),
                'leadingLeg' => new OrNull(Number::anyWhole()),
                'heightCm' => new OrNull(Number::anyWhole()),
                'massKg' => new OrNull(Number::anyWhole()),
                'alsoIn' => new OrNull(Number::anyWhole()),
                'coachToldBy' => new OrNull(Number::anyWhole()),
                'coachToldFrom' => new OrNull(Number::anyWhole()),
                'coachToldUntil' => new OrNull(Number::anyWhole()),
            ], strict: true),
            'dates' => Word::of(DateOrder::class),
            'choices' => new Fields([
                'columns' => new Items(CatalogueShapes::labelled()),
                'dates' => new Items(CatalogueShapes::labelled()),
            ]),
            'lines' => new Items(
                new Fields([
                    'row' => new Noted(Number::anyWhole(), 'in the file, the heads being row 1'),
                    'status' => Word::of(LineStatus::class),
                    'why' => Text::free(),
                    'written' => Text::free(),
                    'name' => new OrNull(Text::free()),
                    'bornOn' => new OrNull(new Day),
                    'squad' => new OrNull(Text::free()),
                    'number' => new OrNull(Text::free()),
                ]),
            ),
        ]));
    }

    public static function import(): Definition
    {
        return new Definition('Import', new Fields([
            'id' => Text::free(),
            'state' => Word::of(ImportState::class),
            'total' => Number::anyWhole(),
            'done' => Number::anyWhole(),
            'at' => new Moment,
            'problem' => new OrNull(Text::free()),
            'canBeTakenBack' => new YesNo,
        ]));
    }

    public static function takenBack(): Definition
    {
        return new Definition('TakenBack', new Fields([
            'stayed' => new Noted(Number::anyWhole(), 'athletes who were examined since, or have something due'),
        ]));
    }

    /**
     * @return array<string, Shape>
     */
    private static function columns(): array
    {
        $names = array_map(static fn (Column $one): string => $one->value, Column::cases());

        return array_fill_keys($names, new OrNull(Number::whole(0, 60)));
    }
}
