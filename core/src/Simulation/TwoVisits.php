<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

/**
 * One knee at two visits: partly and guarded at the first, and at the second what was open, void or positive.
 *
 * @internal
 */
final readonly class TwoVisits
{
    /**
     * @param  int  $daysBetween  1 or more
     */
    public function __construct(public VirtualKnee $first, public VirtualKnee $second, public int $daysBetween)
    {
    }

    /** Some manoeuvres left out, and the Lachman held by the muscles. */
    public function partlyGuarded(Estimates $figures, Dice $dice): self
    {
        $left = $findings = [];
        $guards = $dice->happens($figures->number('guardedAtFirst'));
        foreach (self::findings($this->first) as $finding) {
            $id = $finding['manoeuvre'];
            $left[$id] ??= $dice->happens($figures->number('leftOutAtFirst'));
            if ($left[$id]) {
                continue;
            }
            $isHeld = $guards && $finding['side'] === 'left' && \in_array($id, $figures->words('guarded'), true);
            $findings[] = $isHeld ? [
                ...$finding, 'translationMm' => 4, 'endFeel' => 'firm',
                'checks' => [...$finding['checks'] ?? [], 'hamstringsRelaxed' => false],
            ] : $finding;
        }

        return new self($this->first->finding($findings), $this->second, $this->daysBetween);
    }

    /**
     * At the second visit only these manoeuvres again, and what the first left out.
     *
     * @param  list<string>  $again  manoeuvres
     */
    public function examining(array $again): self
    {
        $done = array_column(self::findings($this->first), 'manoeuvre');

        return new self($this->first, $this->second->finding(array_values(array_filter(
            self::findings($this->second),
            static fn (array $finding): bool => \in_array($finding['manoeuvre'], $again, true)
                || ! \in_array($finding['manoeuvre'], $done, true),
        ))), $this->daysBetween);
    }

    /** Some of what was sore at the first visit is so no more. */
    public function healing(Estimates $figures, Dice $dice): self
    {
        $findings = array_map(static function (array $finding) use ($figures, $dice): array {
            $heals = \in_array($finding['manoeuvre'], $figures->words('sore'), true) && $dice->happens($figures->number('sorenessGone'));

            return match (true) {
                ! $heals => $finding,
                isset($finding['points']) => [...$finding, 'points' => []],
                isset($finding['tender']) => [...$finding, 'tender' => []],
                isset($finding['pain']) => [...$finding, 'pain' => 0],
                isset($finding['cells']) => [...$finding, 'cells' => array_map(
                    static fn (array $cell): array => [
                        'rotation' => $cell['rotation'], 'stress' => $cell['stress'], 'pain' => 0,
                    ],
                    self::cells($finding),
                )],
                default => $finding,
            };
        }, self::findings($this->second));

        return new self($this->first, $this->second->finding($findings), $this->daysBetween);
    }

    /** The second visit with the first in its past. */
    public function remembering(): VirtualKnee
    {
        return $this->second->with('earlier', [[
            'id' => 'first', 'examinedOn' => '2026-11-01', 'daysAgo' => $this->daysBetween,
            'daysSinceInjury' => $this->first->document['daysSinceInjury'],
            'findings' => self::findings($this->first),
        ]]);
    }

    /**
     * @param  array<string, mixed>  $finding
     * @return list<array{rotation: string, stress: string}>
     */
    private static function cells(array $finding): array
    {
        /** @var list<array{rotation: string, stress: string}> $cells */
        $cells = $finding['cells'];

        return $cells;
    }

    /**
     * @return list<array{manoeuvre: string, side: string, checks?: array<string, bool>, ...}>
     */
    private static function findings(VirtualKnee $knee): array
    {
        /** @var list<array{manoeuvre: string, side: string, checks?: array<string, bool>, ...}> $findings */
        $findings = $knee->document['findings'];

        return $findings;
    }
}
