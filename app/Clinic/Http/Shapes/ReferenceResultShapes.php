<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\FileType;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceKind;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Wire\Shapes\Terms;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** Reference results: what MRI, arthroscopy and the like found. */
final class ReferenceResultShapes
{
    public static function referenceKind(): Definition
    {
        return new Definition('ReferenceKind', Word::of(ReferenceKind::class));
    }

    public static function lookedFor(): Definition
    {
        return new Definition('LookedFor', new Fields([
            'condition' => Terms::conditionId(),
            'label' => Text::free(),
            'seen' => Word::of(InjuryState::class),
            'grade' => new Noted(new OrNull(Number::whole(1, 3)), 'of a torn ligament, where it was told'),
        ]));
    }

    public static function referenceResult(): Definition
    {
        return new Definition('ReferenceResult', new Fields([
            'id' => Text::free(),
            'kind' => self::referenceKind(),
            'label' => Text::free(),
            'on' => new Day,
            'weeks' => new Noted(new OrNull(Number::whole(1, 104)), 'that were waited, where the course told it'),
            'note' => Text::free(),
            'treated' => new Noted(Word::of(Treatment::class), 'what was done to the structures found torn'),
            'answers' => new Noted(new Items(self::lookedFor()), 'of the injuries that were looked for'),
            'files' => new Noted(new Items(self::resultFile()), 'reports and pictures beside it'),
            'removed' => new Noted(new YesNo, 'can be taken back for a day'),
        ]));
    }

    public static function resultFile(): Definition
    {
        return new Definition('ResultFile', new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'type' => new Noted(Word::of(FileType::class), 'by its content'),
            'bytes' => Number::whole(0, 10485760),
            'removed' => new Noted(new YesNo, 'can be taken back for a day'),
        ]));
    }

    public static function newReferenceResult(): Definition
    {
        return new Definition('NewReferenceResult', new Fields([
            'kind' => Word::of(ReferenceKind::class),
            'on' => new Day,
            'answers' => new Items(
                new Fields([
                    'condition' => Word::of(Condition::class),
                    'seen' => Word::of(InjuryState::class),
                ], [
                    'grade' => new OrNull(Number::whole(1, 3)),
                ], strict: true),
                \count(Condition::cases()),
                'expected at least one',
            ),
        ], [
            'weeks' => new OrNull(Number::whole(1, 104)),
            'note' => new OrNull(Text::upTo(4000)),
            'treated' => new Noted(new OrNull(Word::of(Treatment::class)), 'what was done to the structures found torn'),
            'task' => new Noted(new OrNull(Text::free()), 'what had asked for it and is done with it'),
        ], strict: true));
    }
}
