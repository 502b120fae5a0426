<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests\Support;

/**
 * The model written down as plainly as it is told, state by state and without any of the core's
 * shortcuts: slow, and only to be compared against.
 */
final class PlainWeighing
{
    /** @var list<string> */
    private array $ids;

    /**
     * @param  array<string, mixed>  $document  the input of `weigh:combine`
     */
    public function __construct(private readonly array $document)
    {
        $this->ids = array_column($document['conditions'], 'id');
    }

    /**
     * @return list<float> chance of each condition
     */
    public function chances(): array
    {
        $states = $this->before();
        foreach ($this->document['groups'] ?? [] as $group) {
            foreach (array_keys($states) as $state) {
                $states[$state] *= $this->group($group, $state);
            }
        }
        $total = array_sum($states);

        return array_map(fn (int $k): float => $this->marginal($states, $k) / $total, array_keys($this->ids));
    }

    /**
     * @return array<int, float>
     */
    private function before(): array
    {
        $states = array_fill(0, 1 << count($this->ids), 1.0);
        foreach ($this->document['associations'] ?? [] as $association) {
            [$a, $b] = array_map(
                fn (string $id): int => (int) array_search($id, $this->ids, true),
                $association['between'],
            );
            foreach ($states as $state => $weight) {
                if (($state >> $a & 1) && ($state >> $b & 1)) {
                    $states[$state] = $weight * $association['oddsRatio'];
                }
            }
        }
        for ($round = 0; $round < 400; $round++) {
            foreach ($this->document['conditions'] as $k => $condition) {
                $marginal = $this->marginal($states, $k) / array_sum($states);
                foreach ($states as $state => $weight) {
                    $states[$state] = $weight * ($state >> $k & 1
                        ? $condition['pretest'] / $marginal
                        : (1 - $condition['pretest']) / (1 - $marginal));
                }
            }
        }

        return $states;
    }

    /**
     * @param  array<string, mixed>  $group
     */
    private function group(array $group, int $state): float
    {
        $likelihood = 1.0;
        foreach (['positive', 'negative'] as $outcome) {
            $agreeing = array_values(array_filter(
                $group['results'],
                static fn (array $result): bool => $result['outcome'] === $outcome,
            ));
            usort(
                $agreeing,
                fn (array $a, array $b): int => $this->loss($b, $group['echo'])
                    <=> $this->loss($a, $group['echo']) ?: strcmp(
                    $a['finding'],
                    $b['finding'],
                ),
            );
            $spokenFor = 0;
            foreach ($agreeing as $rank => $result) {
                $chance = $this->chance($result, $state);
                $mask = $this->mask($result);
                $likelihood *= $rank === 0 ? $chance
                    : $group['echo'] * $chance / $this->chance(
                        $result,
                        $state & $mask & $spokenFor,
                    ) + (1 - $group['echo']) * $chance;
                $spokenFor |= $mask;
            }
        }

        return $likelihood;
    }

    /**
     * @param  array<string, mixed>  $result
     */
    private function loss(array $result, float $echo): float
    {
        $none = $this->chance($result, 0);
        $losses = [];
        foreach (array_keys($result['targets']) as $id) {
            $alone = $this->chance($result, 1 << (int) array_search($id, $this->ids, true));
            $losses[] = abs(log($alone / $none)) - abs(log(($echo + (1 - $echo) * $alone) / ($echo + (1 - $echo) * $none)));
        }

        return round(max($losses), 9);
    }

    /**
     * P(outcome | state).
     *
     * @param  array<string, mixed>  $result
     */
    private function chance(array $result, int $state): float
    {
        $clamp = static fn (float $rate): float => min(max($rate, 0.005), 0.995);
        $best = 0.0;
        $baseline = '';
        foreach ($this->ids as $id) {
            $specificity = isset($result['targets'][$id]) ? $clamp($result['targets'][$id]['specificity']) : 0.0;
            if ($specificity > $best) {
                [$best, $baseline] = [$specificity, $id];
            }
        }
        $missed = $best;
        foreach ($result['targets'] as $id => $row) {
            $specificity = $clamp($row['specificity']);
            $sensitivity = max($clamp($row['sensitivity']), 1 - $specificity);
            $alone = $id === $baseline ? $sensitivity : $sensitivity / (1 - $specificity) * (1 - $best);
            if ($state >> (int) array_search($id, $this->ids, true) & 1) {
                $missed *= (1 - $alone) / $best;
            }
        }
        $positive = min(max(1 - $missed, 1e-9), 1 - 1e-9);

        return $result['outcome'] === 'positive' ? $positive : 1 - $positive;
    }

    /**
     * @param  array<string, mixed>  $result
     */
    private function mask(array $result): int
    {
        $mask = 0;
        foreach (array_keys($result['targets']) as $id) {
            $mask |= 1 << (int) array_search($id, $this->ids, true);
        }

        return $mask;
    }

    /**
     * @param  array<int, float>  $states
     */
    private function marginal(array $states, int $k): float
    {
        $sum = 0.0;
        foreach ($states as $state => $weight) {
            $sum += $state >> $k & 1 ? $weight : 0.0;
        }

        return $sum;
    }
}
