<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\ExaminationStatus;
use App\Platform\Http\Shapes\IdShapes;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Core\Wire\Shapes\AssessmentShapes;
use GrayCompass\Document\Shape\Anything;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** An examination as it is begun, read and signed. */
final class ExaminationShapes
{
    public static function start(): Definition
    {
        return new Definition('Start', new Fields([
            'hurtSide' => new Word(['left', 'right']),
            'daysSinceInjury' => new Noted(new OrNull(Number::whole(0, 36500)), 'null: it came on without an injury'),
            'route' => new Noted(Text::upTo(60), 'id of a route of the catalogue'),
        ], [
            'setting' => new Noted(new OrNull(Word::of(Setting::class)), 'null: the one that follows from days, age and route'),
            'id' => IdShapes::chosen(),
            'at' => new Noted(new OrNull(new Moment), 'when it was begun on a device that was offline; null: now'),
        ], strict: true));
    }

    public static function started(): Definition
    {
        return new Definition('Started', new Fields([
            'id' => Text::free(),
        ]));
    }

    public static function knee(): Definition
    {
        return new Definition('Knee', new Fields([
            'hurtSide' => new Word(['left', 'right']),
            'daysSinceInjury' => new Noted(
                new OrNull(Number::whole(0, 36500)),
                'on the day of the examination; null: it came on without an injury',
            ),
            'version' => new Noted(Number::whole(1, 1_000_000), 'of the frame as it was on screen'),
        ]));
    }

    public static function signature(): Definition
    {
        return new Definition('Signature', new Fields([
            'revision' => new Noted(Number::whole(0, 100_000_000), 'of the examination as it was on screen'),
        ], [
            'ungated' => new Noted(new OrNull(Text::upTo(200)), 'why it is signed though the safety check is not complete'),
        ], strict: true));
    }

    public static function difference(): Definition
    {
        return new Definition('Difference', new Fields([
            'path' => new Noted(
                new Text(0, 200, '^[A-Za-z0-9_.]*$', 'expected a place in an assessment'),
                'the first place at which the two assessments differ',
            ),
            'archive' => new Noted(
                new Text(16, 16, '^[0-9a-f]{16}$', 'expected the digest of an archive'),
                'digest of the rules and figures that the device judged by',
            ),
        ], strict: true));
    }

    public static function newAddendum(): Definition
    {
        return new Definition('NewAddendum', new Fields([
            'words' => Text::upTo(4000),
        ]));
    }

    public static function examination(): Definition
    {
        return new Definition('Examination', new Fields([
            'id' => Text::free(),
            'status' => Word::of(ExaminationStatus::class),
            'examinedAt' => new Moment,
            'signedAt' => new OrNull(new Moment),
            'signedBy' => new OrNull(Text::free()),
            'origin' => new Noted(new OrNull(Text::free()), 'where it was recorded, if elsewhere; then nobody here signed it'),
            'signedUngated' => new Noted(new OrNull(Text::free()), 'why it was signed though the safety check was not complete'),
            'revision' => new Noted(Number::anyWhole(), 'counts every change of any part'),
            'examiner' => Text::free(),
            'athlete' => HistoryShapes::athleteSummary(),
            'athleteReads' => new Noted(Word::of(Language::class), 'the language of the athlete’s page'),
            'sections' => new Items(SavingShapes::storedSection()),
            'records' => new Items(SavingShapes::storedRecord()),
            'askedAt' => new Noted(new OrNull(new Moment), 'when a countersignature was asked for'),
            'addenda' => new Noted(
                new Items(
                    new Fields([
                        'id' => Text::free(),
                        'words' => Text::free(),
                        'by' => Text::free(),
                        'at' => new Moment,
                    ]),
                ),
                'added after the signature, oldest first',
            ),
            'lastTime' => new Noted(
                new OrNull(self::earlierLook()),
                'what was found when the same knee was looked at before; null for a signed one, or the first',
            ),
            'twin' => new Noted(
                new OrNull(
                    new Fields([
                        'id' => Text::free(),
                        'isSigned' => new YesNo,
                    ]),
                ),
                'the other knee at the same visit, where both are hurt',
            ),
            'episode' => new Noted(Text::free(), 'id of the episode'),
            'isBaseline' => new Noted(new YesNo, 'both knees while they are sound'),
            'baseline' => new Noted(
                new OrNull(self::earlierLook()),
                'what both knees were like while they were sound; null for a signed one, or where nobody looked',
            ),
            'supersedes' => new Noted(new OrNull(Text::free()), 'the signed one whose place it takes'),
            'supersededBy' => new OrNull(
                new Fields([
                    'id' => Text::free(),
                    'isSigned' => new YesNo,
                ]),
            ),
            'basis' => new Noted(
                new OrNull(new Fields(self::basis())),
                'what of the document stands in no section and no record, for a device that judges by itself; null for a signed one',
            ),
            'assessment' => AssessmentShapes::assessment(),
        ]));
    }

    /** What was known of an athlete's knees at one time, for a device that starts an examination offline. */
    public static function past(): Definition
    {
        return new Definition('AthletePast', new Fields([
            'on' => new Noted(new Day, 'the day that `daysAgo` counts from, in the time zone of the team'),
            'knees' => new Items(new Fields([
                'episode' => new Noted(new OrNull(Text::free()), 'null: an injury that is new today'),
                'isBaseline' => new Noted(new YesNo, 'both knees while they are sound'),
                'hurtSide' => new Word(['left', 'right']),
                'injuredOn' => new Noted(new OrNull(new Day), 'null: it came on without an injury, or is new'),
                'sections' => new Noted(new MapOf(new Anything), 'payloads with which it begins beside the frame'),
                'basis' => new Fields(self::basis()),
            ])),
        ]));
    }

    /**
     * @return array<string, Shape>
     */
    private static function basis(): array
    {
        return [
            'format' => Text::free(),
            'version' => Number::anyWhole(),
            'baseline' => new OrNull(new Anything),
            'earlier' => new Items(new Anything),
            'known' => new Items(new Anything),
            'before' => new OrNull(new Anything),
        ];
    }

    public static function earlierLook(): Definition
    {
        return new Definition('EarlierLook', new Fields([
            'examination' => Text::free(),
            'at' => new Moment,
            'daysAgo' => Number::anyWhole(),
            'history' => new Noted(new Anything, 'the answers of its history'),
            'records' => new Items(
                new Fields([
                    'manoeuvre' => Text::free(),
                    'side' => Word::of(Side::class),
                    'say' => Text::free(),
                    'numbers' => new Items(
                        new Fields([
                            'field' => Text::free(),
                            'value' => Number::any(),
                        ]),
                    ),
                ]),
            ),
        ]));
    }
}
