<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** A rule that applies to this knee, with what to say and do. */
final class SafetyLine
{
    public function __construct(
        public readonly Rule $rule,
        public readonly Urgency $urgency,
        public readonly string $say,
    ) {
    }

    /**
     * Most urgent first.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function inOrder(array $lines): array
    {
        $order = array_flip(array_column(Rule::cases(), 'value'));
        usort($lines, static fn (self $a, self $b): int => $a->urgency->rank() <=> $b->urgency->rank()
            ?: $order[$a->rule->value] <=> $order[$b->rule->value]);

        return $lines;
    }
}
