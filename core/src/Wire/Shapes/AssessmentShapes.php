<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire\Shapes;

use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Grading\Values\ComparedWith;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\HoldKind;
use GrayCompass\Core\Verdict\ConditionZone;
use GrayCompass\Core\Verdict\Gate;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Exactly;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** An assessment as it leaves the core. */
final class AssessmentShapes
{
    public static function assessment(): Definition
    {
        return new Definition('Assessment', new Fields(self::parts()));
    }

    /** Those parts that changed. */
    public static function assessmentParts(): Definition
    {
        return new Definition('AssessmentParts', new Fields([], self::parts(), strict: true));
    }

    public static function hold(): Definition
    {
        return new Definition('Hold', new Fields([
            'kind' => Word::of(HoldKind::class),
            'mayOverride' => new Noted(new YesNo, 'whether a reason opens it'),
        ], [
            'rule' => Text::free(),
            'correctable' => new Noted(new YesNo, 'raised by its own finding, which may still be finished or corrected'),
        ], strict: true));
    }

    public static function gate(): Definition
    {
        return new Definition('Gate', Word::of(Gate::class));
    }

    public static function safetyLine(): Definition
    {
        return new Definition('SafetyLine', new Fields([
            'rule' => Text::free(),
            'urgency' => Terms::urgency(),
            'say' => Text::free(),
        ]));
    }

    public static function measurement(): Definition
    {
        return new Definition('Measurement', new Fields([
            'manoeuvre' => Text::free(),
            'unit' => Text::free(),
            'hurt' => new OrNull(Number::any()),
            'other' => new Noted(new OrNull(Number::any()), 'of what the hurt knee is compared with'),
            'comparedWith' => new Noted(
                new OrNull(Word::of(ComparedWith::class)),
                'the other knee, or the same one while it was sound; null: nothing',
            ),
            'difference' => new OrNull(Number::any()),
            'grade' => new OrNull(Number::anyWhole()),
            'provisional' => new YesNo,
            'estimate' => new YesNo,
            'school' => new OrNull(Text::free()),
            'level' => Terms::level(),
            'counts' => new Noted(new YesNo, 'false where what it gave does not count'),
        ]));
    }

    public static function result(): Definition
    {
        return new Definition('Result', new Fields([
            'finding' => Text::free(),
            'manoeuvre' => new Noted(Text::free(), '`history` for an answer of the history'),
            'outcome' => Terms::outcome(),
            'counts' => new YesNo,
            'level' => Terms::level(),
            'overridden' => new YesNo,
            'againstRule' => new OrNull(Text::free()),
            'carriedFrom' => new Noted(new OrNull(Text::free()), 'day of the earlier visit; null: found today or told'),
        ]));
    }

    public static function excluded(): Definition
    {
        return new Definition('Excluded', new Fields([
            'finding' => Text::free(),
            'manoeuvre' => Text::free(),
            'outcome' => Terms::outcome(),
            'code' => Text::free(),
            'reason' => Text::free(),
        ]));
    }

    public static function conditionVerdict(): Definition
    {
        return new Definition('ConditionVerdict', new Fields([
            'id' => Terms::conditionId(),
            'pretest' => Terms::chance(),
            'afterStory' => Terms::chance(),
            'posttest' => Terms::chance(),
            'interval' => Terms::interval(),
            'textbook' => Terms::chance(),
            'strongest' => Terms::chance(),
            'zone' => Word::of(ConditionZone::class),
            'tellsChance' => new Noted(new YesNo, 'false: looked into or operated on, and no chance is shown'),
            'bare' => new Noted(new Word(['ruled_out', 'investigate', 'act']), 'what the chance alone would say'),
            'raised' => new Noted(new YesNo, 'a positive keeps it from being ruled out'),
            'seriousness' => Number::any(),
            'tested' => new YesNo,
            'further' => new Word(['single_could', 'only_together', 'none_would_change']),
            'unsettled' => new YesNo,
            'grade' => new OrNull(Number::anyWhole()),
            'known' => new Noted(new OrNull(new Fields([
                'by' => Word::of(KnownBy::class),
                'on' => Text::free(),
                'present' => new YesNo,
                'before' => new Noted(new YesNo, 'of an earlier episode'),
            ])), 'the scan, arthroscopy or operation that answers it; null: none'),
        ]));
    }

    public static function traceStep(): Definition
    {
        return new Definition('TraceStep', new Fields([
            'condition' => Terms::conditionId(),
            'finding' => Text::free(),
            'outcome' => Terms::outcome(),
            'before' => Terms::chance(),
            'after' => Terms::chance(),
            'publishedLr' => Number::any(),
            'appliedLr' => Number::any(),
            'echoShare' => new OrNull(Number::any()),
            'level' => Terms::level(),
            'grade' => new OrNull(Text::free()),
            'source' => new OrNull(Text::free()),
            'checked' => new OrNull(Text::free()),
        ]));
    }

    public static function nextTest(): Definition
    {
        return new Definition('NextTest', new Noted(
            new Fields([
                'finding' => new OrNull(Text::free()),
                'manoeuvre' => new OrNull(Text::free()),
                'chancePositive' => new OrNull(Number::any()),
                'value' => new OrNull(Number::any()),
                'bits' => new OrNull(Number::any()),
                'valuePerMinute' => new OrNull(Number::any()),
                'why' => Text::free(),
            ]),
            'Without a manoeuvre: the gate or the story comes first. Without figures: part of the core set.',
        ));
    }

    public static function referral(): Definition
    {
        return new Definition('Referral', new Fields([
            'question' => new Noted(Text::free(), 'what the other one is asked'),
            'asks' => new Noted(new Items(Terms::conditionId()), 'the injuries that it asks about'),
            'code' => new Noted(new OrNull(Word::of(Destination::class)), 'null: signed before there were codes'),
            'to' => Text::free(),
            'within' => Word::of(Within::class),
            'rule' => Text::free(),
            'why' => Text::free(),
        ]));
    }

    public static function support(): Definition
    {
        return new Definition('Support', new Fields([
            'range' => Text::free(),
            'type' => Word::of(SupportType::class),
            'why' => Text::free(),
            'cost' => Text::free(),
            'crutches' => new YesNo,
        ]));
    }

    public static function plan(): Definition
    {
        return new Definition('Plan', new Fields([
            'sendOn' => new Items(self::referral()),
            'support' => self::support(),
            'play' => Word::of(PlayAnswer::class),
            'playWhy' => new Items(Text::free()),
            'playSettledBy' => new Noted(new OrNull(Text::free()), 'what ends the question of the touchline already'),
            'availability' => new Fields([
                'status' => Word::of(AvailabilityStatus::class),
                'notThis' => new Items(Text::free()),
                'thisYes' => new Items(Text::free()),
                'activities' => new Noted(
                    new Items(
                        new Fields([
                            'code' => Word::of(Activity::class),
                            'text' => Text::free(),
                            'allowed' => new YesNo,
                        ]),
                    ),
                    'those of `notThis` and `thisYes`, by code',
                ),
            ]),
            'advice' => new Fields([
                'weight' => new OrNull(Text::free()),
                'knee' => Text::free(),
                'bend' => new OrNull(Text::free()),
                'drive' => new OrNull(new YesNo),
                'say' => new Items(Text::free()),
            ]),
            'matters' => new Items(Terms::conditionId()),
            'lookAgain' => new OrNull(
                new Fields([
                    'from' => new Noted(new OrNull(Number::anyWhole()), 'days from now'),
                    'to' => new OrNull(Number::anyWhole()),
                    'after' => new OrNull(new Word(['result', 'seen_there'])),
                    'why' => Text::free(),
                    'hours' => new Noted(Text::free(), 'what to look at within hours; empty when nothing'),
                    'say' => Text::free(),
                ]),
            ),
            'unanswered' => new Items(Text::free()),
            'afterOperation' => new Noted(Text::free(), 'leads the summary of an operated knee; else empty'),
            'forAthlete' => Text::free(),
            'forCoach' => new Noted(Text::free(), 'empty without recorded consent'),
            'note' => Text::free(),
            'words' => new Noted(WordsShapes::words(), 'the same texts, sentence by sentence'),
        ]));
    }

    public static function itinerary(): Definition
    {
        return new Definition('Itinerary', new Fields([
            'id' => Terms::routeId(),
            'stops' => new Items(
                new Fields([
                    'station' => Text::free(),
                    'manoeuvres' => new Items(Text::free()),
                ]),
            ),
            'minutes' => new Noted(Number::any(), 'estimate for both knees, changes of position included'),
            'minutesDone' => Number::any(),
            'minutesLeft' => Number::any(),
            'dropped' => new Noted(new Items(Text::free()), 'left out for want of time'),
            'offered' => new Noted(new Items(Text::free()), 'outside this route, but open'),
            'sides' => new Noted(new Items(new Word(['left', 'right'])), 'which knee first'),
            'tooShort' => new Noted(new YesNo, 'the core set does not fit into the time'),
            'core' => new Items(
                new Fields([
                    'manoeuvre' => Text::free(),
                    'state' => new Word(['done', 'held', 'out_of_reach', 'open']),
                ]),
            ),
            'nothingChanges' => new Noted(new OrNull(Text::free()), 'said when no test left would change anything'),
        ]));
    }

    /**
     * @return array<string, Shape>
     */
    private static function parts(): array
    {
        return [
            'format' => new Exactly('gray-compass/assessment'),
            'version' => new Exactly(1),
            'rules' => Text::free(),
            'evidence' => new Fields([
                'set' => Text::free(),
                'digest' => Text::free(),
            ]),
            'phase' => Word::of(Phase::class),
            'setting' => Text::free(),
            'nothingChanges' => new Noted(new YesNo, 'no open test would change what is done'),
            'earlierFinding' => new Items(
                new Fields([
                    'what' => Text::free(),
                ], [
                    'by' => new OrNull(Text::free()),
                    'on' => new OrNull(Text::free()),
                ], strict: true),
            ),
            'abnormal' => new Noted(
                new Items(
                    new Fields([
                        'id' => Text::free(),
                        'found' => new Noted(Text::free(), 'one sentence for the athlete'),
                    ]),
                ),
                'with any of these the knee is not sound',
            ),
            'safety' => new Fields([
                'gateOpen' => new YesNo,
                'questions' => new Noted(new Items(Text::free()), 'what opens the gate for this knee'),
                'unasked' => new Items(Text::free()),
                'ageMissing' => new YesNo,
                'dayMissing' => new Noted(new YesNo, 'an injury is told without its day'),
                'lines' => new Items(self::safetyLine()),
                'holds' => new Noted(new MapOf(self::hold()), 'by manoeuvre: why it may not be done now'),
                'blocked' => new Items(Text::free()),
                'blockedBy' => new Noted(new MapOf(Text::free()), 'the most urgent rule against each blocked manoeuvre'),
                'pulse' => new Fields([
                    'everyMinutes' => Number::anyWhole(),
                    'missingOnce' => new YesNo,
                    'checks' => new Items(
                        new Fields([
                            'at' => Text::free(),
                            'felt' => new YesNo,
                        ], [
                            'by' => new OrNull(Text::free()),
                        ], strict: true),
                    ),
                ]),
            ]),
            'measurements' => new Items(self::measurement()),
            'effusion' => new OrNull(
                new Fields([
                    'grade' => new OrNull(Number::any()),
                    'positive' => new YesNo,
                    'millilitres' => new OrNull(new Items(new OrNull(Number::any()))),
                    'bloodLikely' => new YesNo,
                ]),
            ),
            'results' => new Items(self::result()),
            'known' => new Noted(new Items(new Fields([
                'by' => Word::of(KnownBy::class),
                'on' => Text::free(),
                'before' => new Noted(new YesNo, 'of an earlier episode'),
                'treated' => Word::of(Treatment::class),
                'weighed' => new Noted(new YesNo, 'false: it has no figures and is shown alone'),
                'results' => new Items(new Fields(['condition' => Terms::conditionId(), 'present' => new YesNo])),
            ])), 'what scans, arthroscopy and operations have shown of this knee, newest first'),
            'excluded' => new Items(self::excluded()),
            'conditions' => new Items(self::conditionVerdict()),
            'patterns' => new Items(
                new Fields([
                    'present' => new Items(Terms::conditionId()),
                    'probability' => Terms::chance(),
                ]),
            ),
            'trace' => new Items(self::traceStep()),
            'mcmurrayReadings' => new OrNull(
                new Items(
                    new Fields([
                        'school' => Text::free(),
                        'medial' => new OrNull(Text::free()),
                        'lateral' => new OrNull(Text::free()),
                    ]),
                ),
            ),
            'collateralReading' => new Items(
                new Fields([
                    'side' => new Word(['inner', 'outer']),
                    'reading' => Text::free(),
                ]),
            ),
            'frontGate' => new Fields([
                'story' => self::gate(),
                'structural' => self::gate(),
                'compression' => self::gate(),
                'loaded' => self::gate(),
                'supported' => new YesNo,
            ]),
            'alsoConsider' => new Items(
                new Fields([
                    'id' => Text::free(),
                    'why' => Text::free(),
                ]),
            ),
            'plan' => self::plan(),
            'route' => self::itinerary(),
            'nextTests' => new Items(self::nextTest()),
            'answers' => new Items(
                new Fields([
                    'condition' => Terms::conditionId(),
                    'finding' => Text::free(),
                    'mistake' => Text::free(),
                    'answer' => Text::free(),
                ]),
            ),
            'remarks' => new Items(
                new Fields([
                    'code' => Text::free(),
                    'say' => Text::free(),
                ]),
            ),
        ];
    }
}
