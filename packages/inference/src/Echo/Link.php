<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Echo;

use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\States\Factor;

/**
 * One result in its place among agreeing results of its group.
 *
 * @internal
 */
final readonly class Link
{
    /**
     * @param  bool  $leads  whether it is the first of its outcome, and so no echo at all
     * @param  int  $shared  local set of its targets that a stronger agreeing result has too
     */
    public function __construct(
        public Result $result,
        public bool $leads,
        public int $shared,
        public float $echo,
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
