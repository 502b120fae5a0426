<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;

/**
 * The rows that apply under one chosen set at one phase. The cautious set is complete in itself; a
 * finding that another set does not hold takes its cautious rows whole.
 *
 * @internal
 */
final class EvidenceLibrary
{
    /** @var array<string, list<EvidenceRow>> by finding, in the order of conditions */
    private readonly array $byFinding;

    private ?string $digest = null;

    /**
     * @param  list<EvidenceRow>  $rows  of all sets and phases
     */
    public function __construct(array $rows, public readonly EvidenceChoice $choice, public readonly Phase $phase)
    {
        $chosen = self::applying($rows, $choice->value, $phase);
        $cautious = $choice === EvidenceChoice::Cautious
            ? $chosen
            : self::applying($rows, EvidenceChoice::Cautious->value, $phase);
        $this->byFinding = $chosen + $cautious;
    }

    /**
     * @return list<EvidenceRow> empty when there are no figures for this finding at this phase
     */
    public function rows(string $finding): array
    {
        return $this->byFinding[$finding] ?? [];
    }

    public function row(string $finding, Condition $target): ?EvidenceRow
    {
        foreach ($this->rows($finding) as $row) {
            if ($row->target === $target) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @return list<string>
     */
    public function findings(): array
    {
        return array_map(strval(...), array_keys($this->byFinding));
    }

    /** Which set at which phase. */
    public function name(): string
    {
        return "{$this->choice->value} {$this->phase->value}";
    }

    /** A short fingerprint of the rows in use. */
    public function digest(): string
    {
        return $this->digest ??= $this->fingerprint();
    }

    private function fingerprint(): string
    {
        $lines = [];
        foreach ($this->byFinding as $finding => $rows) {
            foreach ($rows as $row) {
                $lines[] = implode(' ', [
                    $finding, $row->target->value, $row->sensitivity, ...$row->sensitivityInterval,
                    $row->specificity, ...$row->specificityInterval ?? [], $row->quality->value,
                ]);
            }
        }
        sort($lines);

        return substr(hash('sha256', implode("\n", $lines)), 0, 12);
    }

    /**
     * Of one set: for each finding and target the row of this phase, else the one for any phase.
     *
     * @param  list<EvidenceRow>  $rows
     * @return array<string, list<EvidenceRow>>
     */
    private static function applying(array $rows, string $set, Phase $phase): array
    {
        $best = [];
        foreach ($rows as $row) {
            if ($row->set !== $set || ($row->phase !== null && $row->phase !== $phase)) {
                continue;
            }
            $there = $best[$row->finding][$row->target->value] ?? null;
            if ($there === null || $there->phase === null) {
                $best[$row->finding][$row->target->value] = $row;
            }
        }
        $order = array_flip(array_column(Condition::cases(), 'value'));
        $byFinding = [];
        foreach ($best as $finding => $targets) {
            uksort($targets, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);
            $byFinding[$finding] = array_values($targets);
        }

        return $byFinding;
    }
}
