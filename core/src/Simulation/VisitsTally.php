<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Verdict\ConditionZone;

/** How well second visits judge: scores of their chances, and what their zones get wrong. */
final class VisitsTally
{
    private const LEAST = 1e-9;

    private int $chances = 0;

    private float $logScore = 0.0;

    private float $brier = 0.0;

    /** @var array<string, array{int, int}> present and absent, by zone */
    private array $zones = [];

    private int $knees = 0;

    private int $scanned = 0;

    /** Torn ligaments that are said to be ruled out. */
    public int $missedLigaments = 0;

    public function take(VirtualKnee $knee, Assessment $assessment): void
    {
        $this->knees++;
        $this->scanned += array_filter(
            $assessment->plan->sendOn,
            static fn (Referral $one): bool => $one->names(Place::Scan),
        ) === [] ? 0 : 1;
        foreach ($assessment->bearings->verdicts as $verdict) {
            $isThere = $knee->has($verdict->condition);
            $chance = \max(self::LEAST, \min(1 - self::LEAST, $verdict->posttest()));
            $this->chances++;
            $this->logScore -= \log($isThere ? $chance : 1 - $chance);
            $this->brier += ($chance - ($isThere ? 1.0 : 0.0)) ** 2;
            $this->zones[$verdict->zone->value] ??= [0, 0];
            $this->zones[$verdict->zone->value][$isThere ? 0 : 1]++;
            $this->missedLigaments += $isThere && $verdict->condition->isLigament()
                && $verdict->zone === ConditionZone::RuledOut ? 1 : 0;
        }
    }

    /** Mean log score per condition; less is better. */
    public function logScore(): float
    {
        return $this->logScore / \max(1, $this->chances);
    }

    /** Mean Brier score per condition, in [0, 1]; less is better. */
    public function brier(): float
    {
        return $this->brier / \max(1, $this->chances);
    }

    /** Share of knees that are sent for a scan, in [0, 1]. */
    public function scannedShare(): float
    {
        return $this->scanned / \max(1, $this->knees);
    }

    public function text(string $heading): string
    {
        [$tornOut, $soundOut] = $this->zones[ConditionZone::RuledOut->value] ?? [0, 0];
        [$tornAct, $soundAct] = $this->zones[ConditionZone::Act->value] ?? [0, 0];
        $share = static fn (int $part, int $other): string => $part + $other === 0
            ? '–'
            : sprintf('%.1f %%', 100 * $part / ($part + $other));

        return sprintf(
            '%-34s log score %.4f, Brier %.4f, torn among ruled out %s of %d, sound among act %s of %d, '
                ."torn ligaments ruled out %d, sent for a scan %.1f %%\n",
            $heading,
            $this->logScore(),
            $this->brier(),
            $share($tornOut, $soundOut),
            $tornOut + $soundOut,
            $share($soundAct, $tornAct),
            $tornAct + $soundAct,
            $this->missedLigaments,
            100 * $this->scannedShare(),
        );
    }
}
