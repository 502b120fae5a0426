<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

/**
 * When findings answer a question of the gate with yes, when with no.
 *
 * @internal
 */
final readonly class Answer
{
    /**
     * @param  Condition|null  $no  null: findings never say no
     * @param  Condition|null  $wholly  beside `no`: nothing that is still open could say yes; null: always so
     */
    public function __construct(
        public Condition $yes,
        public ?Condition $no = null,
        public ?Condition $wholly = null,
    ) {
    }
}
