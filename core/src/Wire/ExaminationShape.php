<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Examination\EpisodeFacts;
use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\History;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\Opening;
use GrayCompass\Core\Examination\Operation;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Document\Shape\Exactly;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\ListOrElse;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\SameAs;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\Words;
use GrayCompass\Document\Shape\YesNo;

/**
 * What an examination document looks like. Reading asks it, and the JSON Schema is written from it; what it
 * cannot say (a record twice, a band on the other knee, hours that do not fit the days) the reader adds.
 *
 * @internal
 */
final class ExaminationShape
{
    public const FORMAT = 'gray-compass/examination';

    public const VERSION = 1;

    public const MOST_DAYS = 36_500;

    private const MOST_RECORDS = 400;

    private const MOST_EARLIER = 40;

    private const MOST_PULSES = 400;

    private const DATE = '^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])(T.*)?$';

    private const MOMENT = '^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:\d{2})$';

    public static function of(Catalogue $catalogue, SchoolBook $schools, Routes $routes): Fields
    {
        $text = new Text(0, 200);
        $record = RecordShape::of($catalogue);
        $date = new Text(10, 10, self::DATE, 'expected a date such as 2026-03-14');

        return new Fields([
            'format' => new Exactly(self::FORMAT),
            'version' => new Exactly(self::VERSION),
            'setting' => Word::of(Setting::class),
            'hurtSide' => new Word(['left', 'right']),
            'findings' => new Items($record, self::MOST_RECORDS),
        ], [
            'id' => $text,
            'athlete' => $text,
            'examiner' => $text,
            'examinedAt' => new Text(0, 200, self::DATE, 'expected a date such as 2026-03-14 or 2026-03-14T09:30:00Z'),
            'signedAt' => $text,
            'settingChosen' => new Text(3, 200),
            'route' => new Word($routes->ids()),
            'timeLimitMin' => Number::within(1, 120, 'minutes'),
            'daysSinceInjury' => Number::whole(0, self::MOST_DAYS, 'days'),
            'hoursSinceInjury' => Number::within(0, self::MOST_DAYS * 24, 'hours'),
            'ageYears' => Number::whole(0, 120, 'years'),
            'otherKneeReliable' => new YesNo,
            'firstImpression' => Word::of(Condition::class),
            'opening' => self::answers(Opening::KEYS),
            'episode' => self::episode(),
            'schools' => new Fields([], array_column(array_map(
                static fn (SchoolGroup $group): array => [$group->id, new Word($group->ids())],
                $schools->groups(),
            ), 1, 0)),
            'history' => self::history(),
            'safety' => self::answers(array_map(static fn (SafetyKey $key): string => $key->value, SafetyKey::cases())),
            'earlierFinding' => new Items(
                new Fields(['what' => new Text(1, 2000)], ['by' => $text, 'on' => $text]),
                self::MOST_EARLIER,
            ),
            'baseline' => new Fields([
                'on' => $date,
                'findings' => new Items(new SameAs($record, '#/properties/findings/items'), self::MOST_RECORDS),
            ]),
            'pulseChecks' => new Items(new Fields([
                'at' => new Text(0, 40, self::MOMENT, 'expected a moment such as 2026-03-14T09:30:00Z'),
                'felt' => new YesNo,
            ], ['by' => $text]), self::MOST_PULSES),
            'earlier' => PastShape::earlier($record, $date, self::MOST_RECORDS, self::MOST_DAYS),
            'known' => PastShape::known($date, self::MOST_DAYS),
        ]);
    }

    /**
     * @param  list<string>  $keys
     */
    public static function answers(array $keys): Fields
    {
        return new Fields([], array_fill_keys($keys, new YesNo));
    }

    private static function episode(): Fields
    {
        $operations = [
            ...array_map(static fn (Condition $condition): string => $condition->value, Condition::cases()),
            Operation::OTHER,
        ];

        return new Fields([], [
            ...array_fill_keys(EpisodeFacts::TEXTS, new Text(0, 4000)),
            'bleedingRisk' => new YesNo,
            'fluidDrawn' => Word::of(FluidDrawn::class),
            'fluidDrawnDaysAgo' => Number::whole(0, 3650, 'days'),
            'injectionWeeksAgo' => Number::whole(0, 52, 'weeks'),
            'operated' => new Fields(['what' => new Word($operations), 'weeksAgo' => Number::whole(0, 3000, 'weeks')]),
            'implant' => Word::of(Implant::class),
            'surgeonSaid' => new Fields([
                'on' => new Text(10, 10, self::DATE, 'expected a date such as 2026-03-14'),
                'cleared' => new YesNo,
            ], ['plan' => new Text(0, 4000)]),
        ]);
    }

    private static function history(): Fields
    {
        /** @var array<string, Shape> $items */
        $items = array_fill_keys(
            array_map(static fn (HistoryItem $item): string => $item->value, HistoryItem::cases()),
            new YesNo,
        );

        return new Fields([], [
            ...$items,
            'swellingOnset' => Word::of(SwellingOnset::class),
            'mechanism' => Words::of(Mechanism::class),
            'directBlowSite' => new Word(History::BLOW_SITES),
            'painNow' => Number::within(0, 10),
            'painActivity' => Number::within(0, 10),
            'painSite' => new ListOrElse(new Words(History::PAIN_PLACES), new Text(0, 200)),
        ]);
    }
}
