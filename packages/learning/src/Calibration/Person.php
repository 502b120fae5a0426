<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** How far the chances of one person lie off, in log-odds, drawn towards 0 by how little is known. */
final readonly class Person
{
    public float $raw;

    public float $variance;

    /** @param  non-empty-list<Pair>  $pairs */
    public function __construct(array $pairs, Reference $reference = new Reference)
    {
        $information = $score = 0.0;
        foreach ($pairs as $pair) {
            $chance = Scores::clamped($pair->chance);
            $q = $reference->shown($chance);
            $moves = $reference->gain() * $chance * (1 - $chance);
            $information += $moves ** 2 / ($q * (1 - $q));
            $score += $moves * ($pair->found() - $q) / ($q * (1 - $q));
        }
        $this->raw = $score / $information;
        $this->variance = 1 / $information;
    }

    /** @param  float  $between  standard deviation between persons, log-odds; above 0 */
    public function shrunk(float $between): float
    {
        return $this->raw * $between ** 2 / ($between ** 2 + $this->variance);
    }

    public function deviation(float $between): float
    {
        return \sqrt($between ** 2 * $this->variance / ($between ** 2 + $this->variance));
    }
}
