<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Advice;
use GrayCompass\Core\Safety\Weight;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What the athlete does with the leg until the next visit: by the safety lines, or without one by what was found.
 *
 * @internal
 */
final readonly class Conduct
{
    private const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Mcl, Condition::Lcl];

    /**
     * @param  bool  $byLine  a safety line decides
     * @param  bool  $untilNoLimp  crutches until walking without a limp
     * @param  bool  $walksFreely  only after a gait that was recorded normal
     */
    private function __construct(
        public Advice $advice,
        public bool $byLine,
        public bool $untilNoLimp,
        public bool $walksFreely,
    ) {
    }

    public static function of(Bearings $bearings): self
    {
        $advice = null;
        foreach ($bearings->gate->lines as $line) {
            $its = $line->sheet->advice;
            $advice = $its === null ? $advice : ($advice === null ? $its : $advice->and($its));
        }
        $free = $bearings->knee->is(Fact::WalksFreely);
        $grades = array_filter(
            self::LIGAMENTS,
            static fn (Condition $condition): bool => $bearings->grade($condition) >= 1,
        );
        $unsure = $bearings->isAfterInjury() && ! $free;
        $limps = ! $free && ($unsure || $bearings->knee->is(Fact::Limps) || $grades !== []);

        return new self($advice ?? new Advice, $advice?->weight !== null, $limps, $free);
    }

    public function crutches(): bool
    {
        $weight = $this->advice->weight;

        return $weight === null || $weight === Weight::AsItAllows ? $this->untilNoLimp : $weight->needsCrutches();
    }
}
