<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Verdict\ConditionZone;

/** Counts over many virtual knees: whom each rule sends rightly and wrongly, and how the zones err. */
final class Tally
{
    /** What makes a referral right; a rule that is not listed is right where anything structural is hurt. */
    private const ABOUT = [
        'cruciate_loose' => [Condition::Acl, Condition::Pcl],
        'cruciate_act' => [Condition::Acl, Condition::Pcl],
        'corner' => [Condition::Plc, Condition::Lcl],
        'outer_side' => [Condition::Lcl, Condition::Plc],
        'inner_gross' => [Condition::Mcl],
        'meniscus_locks' => [Condition::MedialMeniscus, Condition::LateralMeniscus],
        'meniscus_torn' => [Condition::MedialMeniscus, Condition::LateralMeniscus],
        'kneecap_came_out' => [Condition::PatellarInstability],
        'instability' => [Condition::PatellarInstability],
        'locked_knee' => [Condition::MedialMeniscus, Condition::LateralMeniscus, Condition::Acl],
    ];

    public readonly Calibration $afterStory;

    public readonly Calibration $atTheEnd;

    /** Knees with a torn posterolateral corner, and those of them that `corner` sends to a surgeon. */
    public int $corners = 0;

    public int $cornersFound = 0;

    /** Knees without a structural injury, and those of them that are said to be available. */
    public int $soundAvailable = 0;

    public int $knees = 0;

    public int $sound = 0;

    public int $soundScanned = 0;

    public int $looseAcl = 0;

    public int $looseAclSent = 0;

    public int $severalWrongly = 0;

    /** @var array<string, array{int, int}> right and wrong, by rule */
    public array $rules = [];

    /** @var array<string, array<string, array{int, int}>> present and absent, by condition and zone */
    public array $zones = [];

    public function __construct()
    {
        $this->afterStory = new Calibration;
        $this->atTheEnd = new Calibration;
    }

    public function take(VirtualKnee $knee, Assessment $assessment): void
    {
        $this->knees++;
        $sent = $assessment->plan->sendOn;
        $scans = array_filter($sent, static fn (Referral $one): bool => $one->names(Place::Scan));
        if ($knee->isSound()) {
            $this->sound++;
            $this->soundScanned += $scans === [] ? 0 : 1;
            $this->soundAvailable += $assessment->plan->availability->status === AvailabilityStatus::Available ? 1 : 0;
        }
        if ($knee->has(Condition::Plc)) {
            $this->corners++;
            $corner = array_filter($sent, static fn (Referral $one): bool => $one->rule === 'corner');
            $this->cornersFound += $corner === [] ? 0 : 1;
        }
        $bearings = $assessment->bearings;
        if ($knee->has(Condition::Acl) && $bearings->loose->cruciate(Condition::Acl) !== null) {
            $this->looseAcl++;
            $this->looseAclSent += $sent === [] ? 0 : 1;
        }
        foreach (array_unique(array_map(static fn (Referral $one): string => $one->rule, $sent)) as $rule) {
            $right = match ($rule) {
                'multi_ligament', 'two_ligaments' => $knee->tornLigaments() >= 2,
                default => isset(self::ABOUT[$rule]) ? $knee->has(...self::ABOUT[$rule]) : ! $knee->isSound(),
            };
            $this->rules[$rule] ??= [0, 0];
            $this->rules[$rule][$right ? 0 : 1]++;
            $this->severalWrongly += $rule === 'multi_ligament' && ! $right ? 1 : 0;
        }
        foreach ($bearings->verdicts as $verdict) {
            $this->afterStory->take($verdict->condition, $verdict->afterStory, $knee->has($verdict->condition));
            $this->atTheEnd->take($verdict->condition, $verdict->posttest(), $knee->has($verdict->condition));
            $this->zones[$verdict->condition->value][$verdict->zone->value] ??= [0, 0];
            $this->zones[$verdict->condition->value][$verdict->zone->value][$knee->has($verdict->condition) ? 0 : 1]++;
        }
    }

    /** Share of sound knees that are sent for a scan, in [0, 1]. */
    public function soundScannedShare(): float
    {
        return $this->sound === 0 ? 0.0 : $this->soundScanned / $this->sound;
    }

    /** Share of all knees that wrongly raise several ligaments, in [0, 1]. */
    public function severalWronglyShare(): float
    {
        return $this->knees === 0 ? 0.0 : $this->severalWrongly / $this->knees;
    }

    public function text(): string
    {
        $percent = static fn (int $part, int $whole): string => $whole === 0 ? '–' : sprintf(
            '%.1f %%',
            100 * $part / $whole,
        );
        $lines = [
            "knees {$this->knees}, sound {$this->sound}",
            "sound and sent for a scan: {$this->soundScanned} ({$percent($this->soundScanned, $this->sound)}; under 10 % asked)",
            "loose torn ACL leaving with a referral: {$this->looseAclSent} of {$this->looseAcl} (all asked)",
            "multi_ligament with fewer than two torn: {$this->severalWrongly} ({$percent($this->severalWrongly, $this->knees)}; under 0.5 % asked)",
            "sound and available: {$this->soundAvailable} ({$percent($this->soundAvailable, $this->sound)})",
            "torn corners found by corner: {$this->cornersFound} of {$this->corners} (at least half asked)",
            '',
            $this->afterStory->text('after the story'),
            $this->atTheEnd->text('at the end'),
            sprintf('%-24s %6s %6s', 'rule', 'right', 'wrong'),
        ];
        ksort($this->rules);
        foreach ($this->rules as $rule => [$right, $wrong]) {
            $lines[] = sprintf('%-24s %6d %6d', $rule, $right, $wrong);
        }
        $lines[] = '';
        $lines[] = sprintf('%-22s %-12s %8s %8s', 'condition', 'zone', 'present', 'absent');
        foreach ($this->zones as $condition => $zones) {
            foreach (ConditionZone::cases() as $zone) {
                [$present, $absent] = $zones[$zone->value] ?? [0, 0];
                if ($present + $absent > 0) {
                    $lines[] = sprintf('%-22s %-12s %8d %8d', $condition, $zone->value, $present, $absent);
                }
            }
        }

        return implode("\n", $lines)."\n";
    }
}
