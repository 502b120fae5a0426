<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** A result with what it would lose if it were only an echo, which decides its place in its group. */
final class Ranked
{
    /** Weight of evidence (natural log) lost by not being first, rounded to 1e-9. */
    public readonly float $loss;

    public function __construct(public readonly Result $result, public readonly float $echo)
    {
        $chances = $result->finding->chances($result->outcome);
        $none = $chances[0];
        $largest = 0.0;
        foreach ($result->finding->rows as $position => $_) {
            $alone = $chances[1 << $position];
            $loss = abs(log($alone / $none)) - abs(log(($echo + (1 - $echo) * $alone) / ($echo + (1 - $echo) * $none)));
            $largest = max($largest, $loss);
        }
        $this->loss = round($largest, 9);
    }

    /** Negative when this one goes before the other. */
    public function compare(self $other): int
    {
        return $other->loss <=> $this->loss ?: strcmp($this->result->finding->id, $other->result->finding->id);
    }
}
