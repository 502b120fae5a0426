<?php

declare(strict_types=1);

namespace App\Clinic\Course;

use App\Clinic\Examinations\WrittenAssessment;
use App\Clinic\Models\Snapshot;
use App\Clinic\Values\Predicted;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Verdict\ConditionZone;

/** What a signed visit came to, in one line: what was likely, where the athlete was sent, and whether they may play. */
final readonly class VisitLine
{
    /** So many injuries that one would act on; where there is none, the likeliest that is still looked for. */
    private const ACTED_ON = 3;

    /**
     * @return array{found: list<array{label: string, chance: float, zone: string}>, sentOn: list<string>, availability: string}
     */
    public static function of(Snapshot $snapshot): array
    {
        $signed = WrittenAssessment::signed($snapshot);
        $known = [
            ...array_map(static fn (Condition $one): array => self::known($one, ConditionZone::Confirmed), $signed->confirmed()),
            ...array_map(static fn (Condition $one): array => self::known($one, ConditionZone::Withheld), $signed->treated()),
        ];

        return [
            'found' => [...$known, ...array_map(static fn (Predicted $one): array => [
                'label' => $one->condition->label(), 'chance' => $one->chance, 'zone' => $one->zone->value,
            ], self::found($signed->chances(), $known !== []))],
            'sentOn' => $signed->referrals(),
            'availability' => $signed->availability(),
        ];
    }

    /**
     * What is no chance any more: found by a look inside the joint, or operated on.
     *
     * @return array{label: string, chance: float, zone: string}
     */
    private static function known(Condition $condition, ConditionZone $zone): array
    {
        return ['label' => $condition->label(), 'chance' => 1.0, 'zone' => $zone->value];
    }

    /**
     * @param  list<Predicted>  $rows  most likely first
     * @param  bool  $isKnown  something else leads the line already
     * @return list<Predicted>
     */
    private static function found(array $rows, bool $isKnown): array
    {
        $in = static fn (ConditionZone $zone): array => array_values(array_filter(
            $rows, static fn (Predicted $one): bool => $one->zone === $zone,
        ));
        $acted = $in(ConditionZone::Act);

        return $acted === []
            ? \array_slice($in(ConditionZone::Investigate), 0, $isKnown ? 0 : 1)
            : \array_slice($acted, 0, self::ACTED_ON);
    }
}
