<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Agreement;

use GrayCompass\Learning\Numbers\Quantile;
use GrayCompass\Learning\Numbers\Wilson;

/**
 * Agreement of two examiners on categories: per cent, kappa (Cohen 1960, weighted 1968) with its asymptotic error (Fleiss,
 * Cohen and Everitt 1969) and a jackknife interval, and Gwet's AC (2008, per-subject variance).
 */
final readonly class Table
{
    private float $n;

    private int $categories;

    /** @var list<float> */
    private array $rows;

    /** @var list<float> */
    private array $columns;

    /**
     * @param  non-empty-list<list<int>>  $counts  knees by the category of one examiner and of the other
     */
    public function __construct(private array $counts, private Weights $weights = Weights::None)
    {
        $this->categories = \count($counts);
        $this->n = (float) \array_sum(array_map(array_sum(...), $counts));
        $this->rows = array_map(fn (array $row): float => \array_sum($row) / $this->n, $counts);
        $this->columns = array_map(
            fn (int $column): float => \array_sum(array_column($counts, $column)) / $this->n,
            range(0, $this->categories - 1),
        );
    }

    /** Shares of knees in the same category. */
    public function perCent(): float
    {
        return \array_sum(array_map(fn (int $k): int => $this->counts[$k][$k], range(0, $this->categories - 1))) / $this->n;
    }

    /** @return array{float, float} Wilson's */
    public function perCentInterval(): array
    {
        return Wilson::of($this->perCent(), $this->n);
    }

    public function weightedAgreement(): float
    {
        return $this->sum(fn (int $i, int $j): float => $this->counts[$i][$j] / $this->n);
    }

    /** Weighted agreement that chance alone would give. */
    public function expected(): float
    {
        return $this->sum(fn (int $i, int $j): float => $this->rows[$i] * $this->columns[$j]);
    }

    /** Null: all in one category, where it is not defined. */
    public function kappa(): ?float
    {
        $expected = $this->expected();

        return $expected >= 1 ? null : ($this->weightedAgreement() - $expected) / (1 - $expected);
    }

    /** The asymptotic standard error of kappa. */
    public function kappaError(): float
    {
        $observed = $this->weightedAgreement();
        $expected = $this->expected();
        $ofRow = $ofColumn = [];
        for ($k = 0; $k < $this->categories; $k++) {
            $ofRow[$k] = $ofColumn[$k] = 0.0;
            for ($l = 0; $l < $this->categories; $l++) {
                $ofRow[$k] += $this->columns[$l] * $this->weight($k, $l);
                $ofColumn[$k] += $this->rows[$l] * $this->weight($l, $k);
            }
        }
        $sum = 0.0;
        for ($i = 0; $i < $this->categories; $i++) {
            for ($j = 0; $j < $this->categories; $j++) {
                $sum += $this->counts[$i][$j] / $this->n
                    * ($this->weight($i, $j) * (1 - $expected) - ($ofRow[$i] + $ofColumn[$j]) * (1 - $observed)) ** 2;
            }
        }
        $variance = ($sum - ($observed * $expected - 2 * $expected + $observed) ** 2) / ($this->n * (1 - $expected) ** 4);

        return \sqrt(\max(0.0, $variance));
    }

    /** Standard error of kappa by leaving out one knee at a time. Null where a table without one knee has no kappa. */
    public function jackknifeError(): ?float
    {
        $kappa = $this->kappa();
        $values = [];
        for ($i = 0; $i < $this->categories; $i++) {
            for ($j = 0; $j < $this->categories; $j++) {
                if ($this->counts[$i][$j] > 0) {
                    $without = $this->without($i, $j)->kappa();
                    if ($kappa === null || $without === null) {
                        return null;
                    }
                    $values[] = [$this->counts[$i][$j], $this->n * $kappa - ($this->n - 1) * $without];
                }
            }
        }
        $mean = \array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $values)) / $this->n;
        $squares = \array_sum(array_map(static fn (array $one): float => $one[0] * ($one[1] - $mean) ** 2, $values));

        return \sqrt($squares / ($this->n - 1) / $this->n);
    }

    /** @return array{float, float} of kappa, by the jackknife and Student's t */
    public function jackknifeInterval(float $kappa, float $error): array
    {
        $reach = Quantile::t(0.975, $this->n - 1) * $error;

        return [$kappa - $reach, $kappa + $reach];
    }

    /** Gwet's AC1, or with weights AC2. */
    public function ac(): float
    {
        $chance = $this->acChance();

        return ($this->weightedAgreement() - $chance) / (1 - $chance);
    }

    public function acError(): float
    {
        $ac = $this->ac();
        $chance = $this->acChance();
        $share = $this->acShare();
        $sum = 0.0;
        for ($i = 0; $i < $this->categories; $i++) {
            for ($j = 0; $j < $this->categories; $j++) {
                $own = $share * (1 - ($this->prevalence($i) + $this->prevalence($j)) / 2);
                $value = ($this->weight($i, $j) - $chance) / (1 - $chance) - 2 * (1 - $ac) * ($own - $chance) / (1 - $chance);
                $sum += $this->counts[$i][$j] * ($value - $ac) ** 2;
            }
        }

        return \sqrt($sum / ($this->n * ($this->n - 1)));
    }

    private function acChance(): float
    {
        $sum = 0.0;
        for ($k = 0; $k < $this->categories; $k++) {
            $sum += $this->prevalence($k) * (1 - $this->prevalence($k));
        }

        return $this->acShare() * $sum;
    }

    private function acShare(): float
    {
        return $this->sum(static fn (int $i, int $j): float => 1.0) / ($this->categories * ($this->categories - 1));
    }

    private function prevalence(int $category): float
    {
        return ($this->rows[$category] + $this->columns[$category]) / 2;
    }

    private function weight(int $i, int $j): float
    {
        return $this->weights->of($i, $j, $this->categories);
    }

    private function without(int $i, int $j): self
    {
        $counts = $this->counts;
        $row = $counts[$i];
        $row[$j]--;
        $counts[$i] = array_values($row);

        return new self($counts, $this->weights);
    }

    /** @param  callable(int, int): float  $of */
    private function sum(callable $of): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $this->categories; $i++) {
            for ($j = 0; $j < $this->categories; $j++) {
                $sum += $this->weight($i, $j) * $of($i, $j);
            }
        }

        return $sum;
    }
}
