<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * A finding with its outcome, as one piece of evidence.
 *
 * @internal
 */
final class Result
{
    /** What was asked for last: a result stands in one group, and so has one echo. */
    private float $lastEcho = -1.0;

    private float $lastLoss = 0.0;

    /**
     * @param  Finding|null  $otherwise  the figures that the other outcome would be weighed by; null: the same
     */
    public function __construct(
        public readonly Finding $finding,
        public readonly Outcome $outcome,
        public readonly ?Finding $otherwise = null,
    ) {
    }

    /**
     * Weight of evidence (natural log, rounded to 1e-9) that the result would lose if it were only an echo.
     *
     * @param  float  $echo  in [0, 1)
     */
    public function lossAsEcho(float $echo): float
    {
        if ($echo !== $this->lastEcho) {
            $this->lastEcho = $echo;
            $this->lastLoss = $this->loss($echo);
        }

        return $this->lastLoss;
    }

    private function loss(float $echo): float
    {
        $chances = $this->finding->chances($this->outcome);
        $none = $chances[0];
        $echoedNone = $echo + (1 - $echo) * $none;
        $largest = 0.0;
        foreach ($this->finding->rows as $position => $_) {
            $alone = $chances[1 << $position];
            $loss = \abs(\log($alone / $none)) - \abs(\log(($echo + (1 - $echo) * $alone) / $echoedNone));
            $largest = \max($largest, $loss);
        }

        return round($largest, 9);
    }
}
