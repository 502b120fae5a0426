<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\SectionName;
use App\Platform\Http\Shapes\RefusalShapes;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Wire\Shapes\AssessmentShapes;
use GrayCompass\Document\Shape\Anything;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Either;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** One part of an examination as it is saved and kept. */
final class SavingShapes
{
    public static function storedSection(): Definition
    {
        return new Definition('StoredSection', new Fields([
            'name' => Word::of(SectionName::class),
            'version' => Number::anyWhole(),
            'payload' => new Anything,
        ]));
    }

    public static function storedRecord(): Definition
    {
        return new Definition('StoredRecord', new Fields([
            'manoeuvre' => Text::free(),
            'side' => Word::of(Side::class),
            'version' => Number::anyWhole(),
            'payload' => new OrNull(new Anything),
            'beforeGate' => new YesNo,
        ]));
    }

    public static function storedPart(): Definition
    {
        return new Definition('StoredPart', new Noted(new Either(self::storedSection(), self::storedRecord()), 'one part as it is kept'));
    }

    public static function savePart(): Definition
    {
        return new Definition('SavePart', new Fields([
            'key' => new Noted(new Text(8, 64), 'never used twice; the same save sent again changes nothing'),
            'version' => new Noted(Number::whole(0, 1_000_000), 'the version this was made from; 0 when the part is new'),
            'payload' => new Anything,
        ], [
            'known' => new Noted(
                new MapOf(Text::upTo(32), 60),
                'marks that an earlier answer told, so that only what changed is sent',
            ),
        ], strict: true));
    }

    public static function takeBack(): Definition
    {
        return new Definition('TakeBack', new Fields([
            'key' => new Noted(new Text(8, 64), 'never used twice; the same save sent again changes nothing'),
            'version' => new Noted(Number::whole(0, 1_000_000), 'the version this was made from; 0 when the part is new'),
        ], [
            'payload' => new OrNull(new Anything),
            'known' => new Noted(
                new MapOf(Text::upTo(32), 60),
                'marks that an earlier answer told, so that only what changed is sent',
            ),
        ], strict: true));
    }

    public static function saved(): Definition
    {
        return new Definition('Saved', new Fields([
            'revision' => new Noted(Number::anyWhole(), 'of the examination, counting every change of any part'),
            'beforeGate' => new Noted(new Items(Text::free()), 'records that the gate has closed on since, as manoeuvre:side'),
            'part' => Text::free(),
            'version' => Number::anyWhole(),
            'assessment' => new Noted(
                AssessmentShapes::assessmentParts(),
                'those parts whose mark was not among the known ones; all of them where none were told',
            ),
            'marks' => new Noted(new MapOf(Text::free()), 'a mark for each part of the assessment as it now stands'),
        ]));
    }

    public static function held(): Definition
    {
        return new Definition('Held', new Fields([
            'error' => RefusalShapes::fault(),
        ], [
            'hold' => AssessmentShapes::hold(),
        ], strict: true));
    }

    public static function stale(): Definition
    {
        return new Definition('Stale', new Fields([
            'error' => RefusalShapes::fault(),
            'newer' => new OrNull(self::storedPart()),
        ]));
    }
}
