<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Agreement;

use GrayCompass\Learning\Numbers\Quantile;

/** Intraclass correlation of measures, with 95 % intervals by F (Shrout and Fleiss 1979). */
final readonly class Intraclass
{
    private const UPPER = 0.975;

    public int $n;

    public int $examiners;

    public float $betweenKnees;

    public float $betweenExaminers;

    public float $error;

    private float $within;

    /**
     * @param  non-empty-list<non-empty-list<float>>  $measures  of each knee by each examiner; two or more of both
     */
    public function __construct(array $measures)
    {
        $this->n = $n = \count($measures);
        $this->examiners = $k = \count($measures[0]);
        $grand = \array_sum(array_map(array_sum(...), $measures)) / ($n * $k);
        $knees = $examiners = $all = 0.0;
        foreach ($measures as $row) {
            $knees += $k * (\array_sum($row) / $k - $grand) ** 2;
            foreach ($row as $value) {
                $all += ($value - $grand) ** 2;
            }
        }
        for ($j = 0; $j < $k; $j++) {
            $examiners += $n * (\array_sum(array_column($measures, $j)) / $n - $grand) ** 2;
        }
        $this->betweenKnees = $knees / ($n - 1);
        $this->betweenExaminers = $examiners / ($k - 1);
        $this->error = ($all - $knees - $examiners) / (($n - 1) * ($k - 1));
        $this->within = ($all - $knees) / ($n * ($k - 1));
    }

    /** ICC(1,1): each knee by other examiners. */
    public function oneWay(): float
    {
        return self::ratio($this->betweenKnees, $this->within, $this->examiners);
    }

    /** @return array{float, float} */
    public function oneWayInterval(): array
    {
        return $this->byF($this->within, $this->n * ($this->examiners - 1));
    }

    /** ICC(2,1): examiners drawn from many; their bias counts. */
    public function absolute(): float
    {
        $k = $this->examiners;

        return ($this->betweenKnees - $this->error)
            / ($this->betweenKnees + ($k - 1) * $this->error + $k * ($this->betweenExaminers - $this->error) / $this->n);
    }

    /** @return array{float, float} */
    public function absoluteInterval(): array
    {
        [$n, $k] = [$this->n, $this->examiners];
        $rho = $this->absolute();
        $ratio = $this->betweenExaminers / $this->error;
        $plain = $n * (1 + ($k - 1) * $rho) - $k * $rho;
        $degrees = ($k - 1) * ($n - 1) * ($k * $rho * $ratio + $plain) ** 2
            / (($n - 1) * $k ** 2 * $rho ** 2 * $ratio ** 2 + $plain ** 2);
        $low = Quantile::f(self::UPPER, $n - 1, $degrees);
        $high = Quantile::f(self::UPPER, $degrees, $n - 1);
        $others = $k * $this->betweenExaminers + ($k * $n - $k - $n) * $this->error;

        return [
            $n * ($this->betweenKnees - $low * $this->error) / ($low * $others + $n * $this->betweenKnees),
            $n * ($high * $this->betweenKnees - $this->error) / ($others + $n * $high * $this->betweenKnees),
        ];
    }

    /** ICC(3,1): these examiners alone; their bias does not count. */
    public function consistency(): float
    {
        return self::ratio($this->betweenKnees, $this->error, $this->examiners);
    }

    /** @return array{float, float} */
    public function consistencyInterval(): array
    {
        return $this->byF($this->error, ($this->n - 1) * ($this->examiners - 1));
    }

    /** @return array{float, float} */
    private function byF(float $residual, int $degrees): array
    {
        $f = $this->betweenKnees / $residual;
        $low = $f / Quantile::f(self::UPPER, $this->n - 1, $degrees);
        $high = $f * Quantile::f(self::UPPER, $degrees, $this->n - 1);

        return [($low - 1) / ($low + $this->examiners - 1), ($high - 1) / ($high + $this->examiners - 1)];
    }

    private static function ratio(float $between, float $residual, int $examiners): float
    {
        return ($between - $residual) / ($between + ($examiners - 1) * $residual);
    }
}
