<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * When findings answer a question of the gate with yes, when with no.
 *
 * @internal
 */
final readonly class GateAnswer
{
    /**
     * @param  FactCondition|null  $no  null: findings never say no
     * @param  FactCondition|null  $wholly  beside `no`: nothing that is still open could say yes; null: always so
     */
    public function __construct(
        public FactCondition $yes,
        public ?FactCondition $no = null,
        public ?FactCondition $wholly = null,
    ) {
    }
}
