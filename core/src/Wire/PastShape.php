<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\SameAs;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/**
 * What an examination document may carry of the past of its knee: earlier visits and known results.
 *
 * @internal
 */
final class PastShape
{
    public const MOST_VISITS = 12;

    public const MOST_KNOWN = 40;

    /**
     * @param  Shape  $record  of one finding, whose schema stands at `#/properties/findings/items`
     * @param  Text  $date  such as 2026-03-14
     */
    public static function earlier(Shape $record, Text $date, int $mostRecords, int $mostDays): Items
    {
        return new Items(new Fields([
            'examinedOn' => $date,
            'daysAgo' => Number::whole(0, $mostDays, 'days'),
            'findings' => new Items(new SameAs($record, '#/properties/findings/items'), $mostRecords),
        ], [
            'id' => new Text(0, 200),
            'daysSinceInjury' => Number::whole(0, $mostDays, 'days'),
            'frame' => new Fields([], [
                'setting' => Word::of(Setting::class),
                'ageYears' => Number::whole(0, 120, 'years'),
                'hoursSinceInjury' => Number::within(0, $mostDays * 24, 'hours'),
                'otherKneeReliable' => new YesNo,
                'safety' => ExaminationShape::answers(
                    array_map(static fn (SafetyKey $key): string => $key->value, SafetyKey::cases()),
                ),
            ]),
        ]), self::MOST_VISITS);
    }

    public static function known(Text $date, int $mostDays): Items
    {
        $conditions = array_map(static fn (Condition $condition): string => $condition->value, Condition::cases());

        return new Items(new Fields([
            'by' => Word::of(KnownBy::class),
            'on' => $date,
            'daysAgo' => Number::whole(0, $mostDays, 'days'),
            'episode' => new Word(['this', 'before']),
            'results' => new Fields([], array_fill_keys($conditions, new Word(['present', 'absent']))),
        ], [
            'grade' => new Text(0, 200),
            'treated' => Word::of(Treatment::class),
            'report' => new Text(0, 4000),
        ]), self::MOST_KNOWN);
    }
}
