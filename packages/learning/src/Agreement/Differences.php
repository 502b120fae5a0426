<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Agreement;

use GrayCompass\Learning\Numbers\Quantile;
use GrayCompass\Learning\Numbers\Sums;

/** Differences of two measures of the same knees (Bland and Altman 1986, 1999). */
final readonly class Differences
{
    private const UPPER = 0.975;

    /** @var non-empty-list<float> */
    private array $differences;

    /** @var non-empty-list<float> */
    private array $means;

    /**
     * @param  non-empty-list<float>  $one  in the unit of the measure
     * @param  non-empty-list<float>  $other  as many
     */
    public function __construct(array $one, array $other)
    {
        $this->differences = array_map(static fn (float $a, float $b): float => $a - $b, $one, $other);
        $this->means = array_map(static fn (float $a, float $b): float => ($a + $b) / 2, $one, $other);
    }

    public function count(): int
    {
        return \count($this->differences);
    }

    public function bias(): float
    {
        return Sums::mean($this->differences);
    }

    public function deviation(): float
    {
        return Sums::deviation($this->differences);
    }

    /** @return array{float, float} */
    public function biasInterval(): array
    {
        return $this->around($this->bias(), $this->deviation() / \sqrt($this->count()));
    }

    /** @return array{float, float} the limits of agreement */
    public function limits(): array
    {
        $reach = Quantile::Z95 * $this->deviation();

        return [$this->bias() - $reach, $this->bias() + $reach];
    }

    /** @return array{float, float} of one of the limits */
    public function limitInterval(float $limit): array
    {
        $n = $this->count();

        return $this->around($limit, $this->deviation() * \sqrt(1 / $n + Quantile::Z95 ** 2 / (2 * ($n - 1))));
    }

    /** @return array{float, float}|null slope of the difference on the mean, and its standard error; null: all means are equal */
    public function slope(): ?array
    {
        $bias = $this->bias();
        $mean = Sums::mean($this->means);
        $spread = Sums::squares($this->means, $mean);
        if ($spread <= 0) {
            return null;
        }
        $together = \array_sum(array_map(
            static fn (float $m, float $d): float => ($m - $mean) * ($d - $bias),
            $this->means,
            $this->differences,
        ));
        $slope = $together / $spread;
        $left = \array_sum(array_map(
            static fn (float $m, float $d): float => ($d - $bias - $slope * ($m - $mean)) ** 2,
            $this->means,
            $this->differences,
        ));

        return [$slope, \sqrt($left / ($this->count() - 2) / $spread)];
    }

    /** Within-subject standard deviation, for two measures of the same examiner. */
    public function withinDeviation(): float
    {
        return \sqrt(Sums::squares($this->differences) / (2 * $this->count()));
    }

    /** @return array{float, float} */
    public function withinInterval(): array
    {
        $n = $this->count();
        $of = fn (float $share): float => $this->withinDeviation() * \sqrt($n / Quantile::chiSquare($share, $n));

        return [$of(self::UPPER), $of(1 - self::UPPER)];
    }

    /**
     * The within-subject standard deviation drawn towards what is known from elsewhere.
     *
     * @param  float  $worth  degrees of freedom that the earlier figure is worth
     * @param  float  $before  the earlier figure
     */
    public function shrunkDeviation(float $worth, float $before): float
    {
        $n = $this->count();

        return \sqrt(($worth * $before ** 2 + $n * $this->withinDeviation() ** 2) / ($worth + $n));
    }

    /** The smallest change between two measures that is more than error, at 95 %. */
    public static function detectable(float $deviation): float
    {
        return Quantile::Z95 * M_SQRT2 * $deviation;
    }

    /** @return array{float, float} */
    private function around(float $value, float $error): array
    {
        $reach = Quantile::t(self::UPPER, $this->count() - 1) * $error;

        return [$value - $reach, $value + $reach];
    }
}
