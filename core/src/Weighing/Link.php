<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** One result in its place among agreeing results of its group. */
final class Link
{
    /**
     * @param  bool  $leads  whether it is the first of its outcome, and so no echo at all
     * @param  int  $shared  local set of its targets that a stronger agreeing result has too
     */
    public function __construct(
        public readonly Result $result,
        public readonly bool $leads,
        public readonly int $shared,
        public readonly float $echo,
    ) {
    }

    /**
     * Natural log of what the result contributes in each of its local states: P(r|s) when it leads, else
     * e·P(r|s)/P(r|s ∩ shared) + (1 − e)·P(r|s).
     */
    public function factor(): Factor
    {
        $chances = $this->result->finding->chances($this->result->outcome);
        $log = [];
        if ($this->leads) {
            foreach ($chances as $chance) {
                $log[] = \log($chance);
            }
        } else {
            foreach ($chances as $state => $chance) {
                $log[] = \log($chance * ($this->echo / $chances[$state & $this->shared] + 1 - $this->echo));
            }
        }

        return new Factor($this->result->finding->mask, $log);
    }
}
