<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** A running sum that grows where odds have become other than those told (CUSUM, Page 1954; Steiner 2000). */
final readonly class Drift
{
    /**
     * @param  list<float>  $path  the sum after each answer
     * @param  int|null  $signalAt  the answer, from 1, at which the limit was reached first; null: never
     */
    private function __construct(public array $path, public ?int $signalAt)
    {
    }

    /**
     * @param  list<Pair>  $pairs  in the order of the answers
     * @param  float  $odds  by which the odds are suspected to be multiplied; above 0
     * @param  float  $limit  at which there is a sign
     */
    public static function of(array $pairs, float $odds, float $limit, Reference $reference = new Reference): self
    {
        $sum = 0.0;
        $path = [];
        $signal = null;
        foreach ($pairs as $index => $pair) {
            $chance = Scores::clamped($pair->chance);
            $now = $reference->shown($chance);
            $then = $reference->shown($odds * $chance / (1 - $chance + $odds * $chance));
            $sum = \max(0.0, $sum + \log($pair->present ? $then / $now : (1 - $then) / (1 - $now)));
            $path[] = $sum;
            $signal ??= $sum >= $limit ? $index + 1 : null;
        }

        return new self($path, $signal);
    }

    public function largest(): float
    {
        return $this->path === [] ? 0.0 : \max($this->path);
    }
}
