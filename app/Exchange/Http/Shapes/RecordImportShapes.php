<?php

declare(strict_types=1);

namespace App\Exchange\Http\Shapes;

use App\Club\Values\ImportState;
use App\Exchange\Values\FileFormat;
use App\Exchange\Values\ItemStatus;
use App\Exchange\Values\SignedAs;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** Files with examinations and results that come in. */
final class RecordImportShapes
{
    public static function recordFile(): Definition
    {
        return new Definition('RecordFile', new Fields([
            'content' => new Noted(Text::free(), 'the file as it is, in base 64; at most 5 MiB'),
        ], [
            'athlete' => new Noted(new OrNull(Text::upTo(26)), 'whose is all that names nobody'),
            'squad' => new Noted(new OrNull(Text::upTo(80)), 'of athletes who are not in the lists yet; without one they are refused'),
            'signed' => new Noted(Word::of(SignedAs::class), 'how examinations arrive that were signed elsewhere; without: history'),
            'origin' => new Noted(Text::upTo(120), 'where the records come from; needed to store them'),
            'expects' => new Noted(Number::from(0), 'refused unless just so many are stored'),
        ], strict: true));
    }

    public static function recordPreview(): Definition
    {
        return new Definition('RecordPreview', new Fields([
            'format' => Word::of(FileFormat::class),
            'unread' => new Noted(new Items(Text::free()), 'parts of the file that are neither examination nor result'),
            'items' => new Items(new Fields([
                'place' => new Noted(Text::free(), 'where it stands in the file'),
                'status' => Word::of(ItemStatus::class),
                'why' => new Noted(Text::free(), 'empty where it is stored as it is'),
                'what' => new Noted(Text::free(), 'what it is, in words'),
                'on' => new OrNull(new Day),
                'side' => new OrNull(new Word(['left', 'right'])),
                'isSigned' => new YesNo,
                'athlete' => new OrNull(new Fields(['id' => Text::free(), 'name' => Text::free()])),
                'person' => new Noted(Text::free(), 'whose it is, as the file says; empty: it does not'),
                'addsAthlete' => new YesNo,
                'left' => new Noted(new Items(Text::free()), 'what of it is kept beside the examination without being read'),
            ])),
        ]));
    }

    public static function recordImport(): Definition
    {
        return new Definition('RecordImport', new Fields([
            'id' => Text::free(),
            'state' => Word::of(ImportState::class),
            'total' => Number::anyWhole(),
            'done' => Number::anyWhole(),
            'at' => new Moment,
            'origin' => Text::free(),
            'problem' => new OrNull(Text::free()),
            'canBeTakenBack' => new YesNo,
        ]));
    }

    public static function recordImportUndone(): Definition
    {
        return new Definition('RecordImportUndone', new Fields([
            'stayed' => new Noted(Number::anyWhole(), 'records that were changed or built upon since'),
        ]));
    }
}
