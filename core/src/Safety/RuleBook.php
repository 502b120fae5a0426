<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Knee\Condition;
use OutOfBoundsException;

/**
 * What goes with each rule of the gate, as data/rules.json holds it; when a rule applies stands in GateRules and in
 * Verdict\ResultLines.
 *
 * @internal
 *
 * @phpstan-type Sheet array{
 *     say: string, sayIf?: array<string, string>, to?: string, question?: string, found: string, call?: string,
 *     advice?: array{weight?: string, knee?: string, bend?: string, drive?: bool}, kneeIf?: array<string, string>,
 *     about?: list<string>
 * }
 */
final readonly class RuleBook
{
    /**
     * @param  array<string, Sheet>  $sheets  by rule
     */
    public function __construct(private array $sheets)
    {
    }

    /**
     * @param  string  $as  one of the rule's variants, such as `calf_tense`; empty: as usual
     *
     * @throws OutOfBoundsException when nothing is written of this rule
     */
    public function of(Rule $rule, string $as = ''): RuleSheet
    {
        $sheet = $this->sheets[$rule->value] ?? throw new OutOfBoundsException("Nothing is said of {$rule->value}.");

        return new RuleSheet(
            $sheet['sayIf'][$as] ?? $sheet['say'],
            $sheet['to'] ?? '',
            $sheet['question'] ?? '',
            isset($sheet['advice']) ? self::advice($sheet['advice'], $sheet['kneeIf'][$as] ?? null) : null,
            array_map(Condition::from(...), $sheet['about'] ?? []),
            $sheet['found'],
            $sheet['call'] ?? '',
        );
    }

    /**
     * @param  array{weight?: string, knee?: string, bend?: string, drive?: bool}  $advice
     */
    private static function advice(array $advice, ?string $knee): Advice
    {
        return new Advice(
            Weight::tryFrom($advice['weight'] ?? ''),
            $knee ?? $advice['knee'] ?? '',
            Bend::tryFrom($advice['bend'] ?? ''),
            $advice['drive'] ?? null,
        );
    }
}
