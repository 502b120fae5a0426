<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Inference\States\Belief;

/**
 * What follows from the results for each condition, and beside them.
 *
 * @internal
 */
final readonly class Conclusions
{
    /**
     * @param  list<ConditionVerdict>  $verdicts  one for each condition, in their order
     * @param  list<Consideration>  $also
     * @param  list<AbnormalFinding>  $abnormal  with any of these the knee is not sound
     * @param  list<string>  $disagree  condition ids whose like tests disagree
     * @param  list<float>  $byHand  chances before any scan or look inside the joint
     */
    public function __construct(
        public Belief $belief,
        public array $verdicts,
        public FrontGate $front,
        public array $also,
        public array $abnormal,
        public array $disagree,
        public array $byHand,
    ) {
    }
}
