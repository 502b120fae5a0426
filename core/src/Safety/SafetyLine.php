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
    /** What provokes so much (of 5) is held for as long as a faded finding is there. Working estimate. */
    private const HELD_FROM = 4;

    /**
     * @param  Urgency|null  $urgency  null: a question that must be answered first, nobody is sent
     * @param  RuleSheet  $sheet  what is said, and what goes with it
     * @param  int<-1, max>  $since  place in the document of the finding that raised it; −1: known before any of them
     * @param  Opens  $opens  what may still be done
     * @param  bool  $isReferralOnly  it has faded: someone is sent, but nothing is advised, and little held
     */
    public function __construct(
        public SafetyRule $rule,
        public ?Urgency $urgency,
        public RuleSheet $sheet,
        public int $since,
        public Opens $opens,
        public bool $isReferralOnly = false,
    ) {
    }

    /**
     * The line of a finding that fades: once it can wait a week, it is a referral and no more.
     *
     * @param  int<-1, max>  $since  place in the document of the finding
     */
    public static function fading(SafetyRule $rule, Urgency $urgency, RuleSheet $sheet, int $since, Opens $opens): self
    {
        return $urgency->isWorseThan(Urgency::Week)
            ? new self($rule, $urgency, $sheet, $since, $opens)
            : new self($rule, $urgency, $sheet, $since, Opens::allBut()->andFromProvocation(self::HELD_FROM), true);
    }

    /**
     * Most urgent first; a question that is still open comes before all that is not today's.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function inOrder(array $lines): array
    {
        $order = array_flip(array_column(SafetyRule::cases(), 'value'));
        $rank = static fn (self $line): int => $line->urgency?->rank() ?? Urgency::SameDay->rank();
        usort($lines, static fn (self $a, self $b): int => $rank($a) <=> $rank($b)
            ?: $order[$a->rule->value] <=> $order[$b->rule->value]);

        return $lines;
    }

    /**
     * Each rule once, by its most urgent line.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function worstOfEach(array $lines): array
    {
        $worst = [];
        foreach ($lines as $line) {
            $there = $worst[$line->rule->value] ?? null;
            if ($there === null || ($line->urgency?->rank() ?? -1) < ($there->urgency?->rank() ?? -1)) {
                $worst[$line->rule->value] = $line;
            }
        }

        return array_values($worst);
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
