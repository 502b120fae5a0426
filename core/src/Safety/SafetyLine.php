<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;

/**
 * A rule that applies to this knee, with what to say and do, and what it leaves open.
 *
 * @internal
 */
final readonly class SafetyLine
{
    /**
     * @param  Urgency|null  $urgency  null: a question that must be answered first, nobody is sent
     * @param  RuleSheet  $sheet  what is said, and what goes with it
     * @param  int<-1, max>  $since  place in the document of the finding that raised it; −1: known before any of them
     * @param  Opens  $opens  what may still be done
     */
    public function __construct(
        public Rule $rule,
        public ?Urgency $urgency,
        public RuleSheet $sheet,
        public int $since,
        public Opens $opens,
    ) {
    }

    /**
     * Most urgent first; a question that is still open comes before all that is not today's.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function inOrder(array $lines): array
    {
        $order = array_flip(array_column(Rule::cases(), 'value'));
        $rank = static fn (self $line): int => $line->urgency?->rank() ?? Urgency::SameDay->rank();
        usort($lines, static fn (self $a, self $b): int => $rank($a) <=> $rank($b)
            ?: $order[$a->rule->value] <=> $order[$b->rule->value]);

        return $lines;
    }

    public function leaves(Manoeuvre $manoeuvre): bool
    {
        return $this->opens->leaves($manoeuvre, $this->rule);
    }

    public function isToday(): bool
    {
        return $this->urgency !== null && $this->urgency->isToday();
    }
}
