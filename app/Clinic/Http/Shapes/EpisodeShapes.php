<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\InjuryState;
use App\Clinic\Values\TaskState;
use GrayCompass\Core\Course\Better;
use GrayCompass\Core\Course\Change;
use GrayCompass\Core\Wire\Shapes\Terms;
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

/** An episode of one knee, and its course. */
final class EpisodeShapes
{
    public static function predicted(): Definition
    {
        return new Definition('Predicted', new Fields([
            'id' => Terms::conditionId(),
            'label' => Text::free(),
            'chance' => Terms::chance(),
            'interval' => Terms::interval(),
            'zone' => new Word(['ruled_out', 'untested', 'investigate', 'act']),
            'zoneLabel' => Text::free(),
            'rank' => Number::from(1),
        ]));
    }

    public static function episode(): Definition
    {
        return new Definition('Episode', new Fields([
            'id' => Text::free(),
            'isBaseline' => new Noted(new YesNo, 'both knees while they are sound; its side says nothing'),
            'hurtSide' => Terms::side(),
            'injuredOn' => new OrNull(new Day),
            'follows' => new Noted(
                new OrNull(new Fields(['id' => Text::free(), 'injuredOn' => new OrNull(new Day)])),
                'the episode of the same knee before it',
            ),
            'asked' => new Noted(new Items(Terms::conditionId()), 'what the referral asked that a result answers'),
            'predicted' => new Noted(
                new OrNull(
                    new Fields([
                        'examination' => Text::free(),
                        'at' => new Moment,
                        'conditions' => new Noted(
                            new Items(self::predicted()),
                            'most likely first; of a fresh operation none is told',
                        ),
                    ]),
                ),
                'by the visit that asked, otherwise by the last signature; null while nothing is signed',
            ),
            'referenceResults' => new Noted(new Items(ReferenceResultShapes::referenceResult()), 'newest first'),
            'consensus' => new Noted(
                new Items(
                    new Fields([
                        'condition' => Terms::conditionId(),
                        'label' => Text::free(),
                        'seen' => Word::of(InjuryState::class),
                        'grade' => new OrNull(Number::whole(1, 3)),
                        'by' => Text::free(),
                        'disputed' => new Noted(new YesNo, 'another look said otherwise'),
                        'predicted' => new Noted(
                            new OrNull(self::predicted()),
                            'at the last visit before it was known; null where no chance was told',
                        ),
                    ]),
                ),
                'of each injury that was looked for: what the strongest look said, and of equals the latest',
            ),
            'choices' => new Fields([
                'kinds' => new Items(
                    new Fields([
                        'id' => ReferenceResultShapes::referenceKind(),
                        'label' => Text::free(),
                        'tells' => new Noted(new Items(Terms::conditionId()), 'what such a look can say anything of'),
                        'treats' => new Noted(new YesNo, 'whether it can treat what it finds'),
                    ]),
                ),
                'conditions' => new Items(
                    new Fields([
                        'id' => Terms::conditionId(),
                        'label' => Text::free(),
                        'graded' => new YesNo,
                    ]),
                ),
            ]),
        ]));
    }

    public static function course(): Definition
    {
        return new Definition('Course', new Fields([
            'athlete' => HistoryShapes::athleteSummary(),
            'episode' => self::episode(),
            'curves' => new Noted(
                new Items(
                    new Fields([
                        'id' => Text::free(),
                        'label' => Text::free(),
                        'unit' => Text::free(),
                        'error' => new Noted(Number::any(), 'what two looks of one hand may differ by, in its unit'),
                        'better' => Word::of(Better::class),
                    ]),
                ),
                'what was measured at least once',
            ),
            'visits' => new Noted(
                new Items(
                    new Fields([
                        'examination' => Text::free(),
                        'at' => new Moment,
                        'chances' => new Items(self::predicted()),
                        'values' => new Items(
                            new Fields([
                                'curve' => Text::free(),
                                'value' => Number::any(),
                                'grade' => new OrNull(Number::anyWhole()),
                            ]),
                        ),
                    ]),
                ),
                'that are signed, oldest first',
            ),
            'baselines' => new Noted(
                new Items(
                    new Fields([
                        'examination' => Text::free(),
                        'at' => new Moment,
                    ]),
                ),
                'the same knee while it was sound, newest first; a visit can be compared with it',
            ),
            'asked' => new Noted(
                new Items(
                    new Fields([
                        'title' => Text::free(),
                        'at' => new OrNull(new Day),
                        'state' => Word::of(TaskState::class),
                        'closing' => new OrNull(Text::free()),
                    ]),
                ),
                'to whom the knee was sent',
            ),
        ]));
    }

    public static function comparison(): Definition
    {
        return new Definition('Comparison', new Items(
            new Fields([
                'what' => Text::free(),
                'unit' => Text::free(),
                'before' => new OrNull(Number::any()),
                'after' => new OrNull(Number::any()),
                'gradeBefore' => new OrNull(Number::anyWhole()),
                'gradeAfter' => new OrNull(Number::anyWhole()),
                'change' => new Noted(new OrNull(Word::of(Change::class)), 'null: measured once'),
                'changeLabel' => Text::free(),
                'error' => new Noted(
                    new OrNull(Number::any()),
                    'what the hand may miss, in the unit; null for a chance, whose doubt is its interval',
                ),
            ]),
        ));
    }
}
