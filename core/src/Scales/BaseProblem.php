<?php

declare(strict_types=1);

namespace GrayCompass\Core\Scales;

use GrayCompass\Core\Evidence\Pairing;
use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Evidence\SettingRates;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\WeighedCondition;

/**
 * What lies on the scales before any result: each injury with its base rate, and which go together. How sure a
 * tear from before is taken to be is a working estimate.
 *
 * @internal
 */
final readonly class BaseProblem
{
    /** The chance of a tear that is given: as near to 1 as the weighing goes. */
    private const GIVEN = 0.995;

    public function __construct(private Priors $priors)
    {
    }

    /**
     * @param  Condition  ...$given  torn before this episode, and known to be
     * @return list<WeighedCondition>
     */
    public function conditions(SettingRates $rates, Condition ...$given): array
    {
        return array_map(function (Condition $condition) use ($rates, $given): WeighedCondition {
            $isGiven = \in_array($condition, $given, true);

            return new WeighedCondition(
                $condition->value,
                $isGiven ? self::GIVEN : $rates->rate($condition),
                $isGiven ? null : $rates->weight,
                new Thresholds(...$this->priors->thresholds($condition)),
                $this->priors->seriousness($condition),
            );
        }, Condition::cases());
    }

    /**
     * @return list<Association>
     */
    public function associations(): array
    {
        return array_map(static function (Pairing $pairing): Association {
            $ends = [$pairing->one->position(), $pairing->other->position()];

            return new Association(\min($ends), \max($ends), $pairing->oddsRatio);
        }, $this->priors->pairings);
    }
}
