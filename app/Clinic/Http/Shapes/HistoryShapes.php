<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\ExaminationStatus;
use App\Club\Http\Shapes\AthleteShapes;
use GrayCompass\Core\Plan\AvailabilityStatus;
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

/** Athletes with what the clinic holds of them: lists, the board, cases. */
final class HistoryShapes
{
    public static function athleteSummary(): Definition
    {
        return new Definition('AthleteSummary', new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'number' => new OrNull(Text::free()),
            'squad' => Text::free(),
            'age' => Number::anyWhole(),
        ]));
    }

    public static function examinationSummary(): Definition
    {
        return new Definition('ExaminationSummary', new Fields([
            'id' => Text::free(),
            'episode' => new Noted(Text::free(), 'the episode that it belongs to'),
            'status' => Word::of(ExaminationStatus::class),
            'examinedAt' => new Moment,
            'isBaseline' => new Noted(new YesNo, 'both knees while they are sound; its side says nothing'),
            'hurtSide' => Terms::side(),
            'injuredOn' => new OrNull(new Day),
        ], [
            'corrected' => new Noted(new YesNo, 'another took its place; told of the examinations of an athlete'),
            'came' => new Noted(
                new OrNull(
                    new Fields([
                        'found' => new Noted(
                            new Items(
                                new Fields([
                                    'label' => Text::free(),
                                    'chance' => Terms::chance(),
                                    'zone' => Text::free(),
                                ]),
                            ),
                            'injuries that one acts on, most likely first; where there is none, the likeliest that is still looked for',
                        ),
                        'sentOn' => new Items(Text::free()),
                        'availability' => new Word(['available', 'modified', 'out', '']),
                    ]),
                ),
                'what a signed visit came to; told of the examinations of an athlete, null of a draft or a baseline',
            ),
        ], strict: true));
    }

    public static function athleteWithExaminations(): Definition
    {
        return new Definition('AthleteWithExaminations', new Fields([
            'episodes' => new Noted(new Items(EpisodeShapes::episode()), 'the latest first'),
            'tasks' => new Noted(new Items(TaskShapes::task()), 'newest first'),
            'proposals' => new Noted(
                new Items(TaskShapes::proposal()),
                'that wait for a decision; for their author also those decided lately',
            ),
            'letters' => new Noted(new Items(LetterShapes::letterLine()), 'newest first'),
            'bornOn' => new Day,
            'profile' => AthleteShapes::athleteProfile(),
            'id' => Text::free(),
            'name' => Text::free(),
            'number' => new OrNull(Text::free()),
            'squad' => Text::free(),
            'age' => Number::anyWhole(),
            'examinations' => new Items(self::examinationSummary()),
        ]));
    }

    public static function today(): Definition
    {
        return new Definition('Today', new Fields([
            'due' => new Noted(
                new Items(TaskShapes::task()),
                'overdue, within the week, or awaited; soonest first; none where `unfinished` is 0',
            ),
            'toSign' => new Noted(
                new Items(self::case()),
                'that wait for a countersignature, longest first; none where `unfinished` is 0',
            ),
            'proposals' => new Noted(
                new Items(TaskShapes::proposal()),
                'that wait for a decision; for their author also those decided lately; none where `unfinished` is 0',
            ),
            'unfinished' => new Noted(new Items(self::case()), 'newest first'),
            'unfinishedInAll' => new Noted(Number::anyWhole(), 'however many of them are told'),
            'seen' => new Noted(new Items(self::case()), 'signed lately, newest first'),
            'athletes' => new Noted(new Items(self::athleteSummary()), 'by squad and number'),
            'total' => new Noted(Number::anyWhole(), 'athletes that were found'),
            'page' => Number::from(1),
            'pages' => Number::from(1),
        ]));
    }

    public static function todayAsked(): Definition
    {
        return new Definition('TodayAsked', new Fields([], [
            'search' => new Noted(new OrNull(Text::upTo(60)), 'any part of name, number or squad'),
            'unfinished' => Number::whole(0, 1000),
            'lacking' => new Word(['baseline']),
            'page' => Number::whole(1, 100_000),
        ], strict: true));
    }

    public static function availability(): Definition
    {
        return new Definition('Availability', new Fields([
            'athlete' => new Noted(Text::free(), 'id'),
            'name' => Text::free(),
            'number' => new OrNull(Text::free()),
            'squad' => Text::free(),
            'alsoIn' => new Noted(new Items(Text::free()), 'squads beside the first one'),
            'status' => Word::of(AvailabilityStatus::class),
            'label' => Text::free(),
            'notThis' => new Items(Text::free()),
            'thisYes' => new Items(Text::free()),
            'review' => new Noted(
                new OrNull(
                    new Fields([
                        'from' => new OrNull(new Day),
                        'by' => new OrNull(new Day),
                        'isOverdue' => new YesNo,
                    ]),
                ),
                'when they are looked at again, by what is due; null where nothing is',
            ),
            'coachMayKnow' => new YesNo,
        ]));
    }

    public static function case(): Definition
    {
        return new Definition('Case', new Fields([
            'athlete' => self::athleteSummary(),
            'examination' => self::examinationSummary(),
        ]));
    }
}
