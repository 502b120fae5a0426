<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Sentences\Sentence;

/** Why one manoeuvre may not be done now. */
final readonly class Hold
{
    /**
     * @param  SafetyRule|null  $rule  the most urgent one, where a rule holds
     * @param  bool  $mayOverride  whether a reason opens it
     * @param  bool  $correctable  whether the manoeuvre's own finding raised it, and may be finished or corrected
     */
    public function __construct(
        public HoldKind $kind,
        public ?SafetyRule $rule,
        public bool $mayOverride,
        public bool $correctable = false,
    ) {
    }

    /** What stands against a finding: the rule, or the kind of hold. */
    public function name(): string
    {
        return $this->rule === null ? $this->kind->value : $this->rule->value;
    }

    /** The same in words. */
    public function label(RuleBook $book): string
    {
        return $this->rule === null ? $this->kind->label() : $book->name($this->rule);
    }

    /** Why a finding was not taken. */
    public function reason(string $manoeuvre, RuleBook $book): Sentence
    {
        $why = $this->kind->value.($this->mayOverride && $this->kind !== HoldKind::Gate ? '.or_with_a_reason' : '');

        return new Sentence("held.{$why}", ['manoeuvre' => $manoeuvre, 'hold' => $this->label($book)]);
    }
}
