<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Sentences\Sentence;
use OutOfBoundsException;

/**
 * What goes with each rule of the gate, as data/rules.json holds it; when a rule applies stands in GateRules and in
 * Verdict\ResultLines.
 *
 * @internal
 *
 * @phpstan-type Sheet array{
 *     name: string, say: string, sayIf?: array<string, string>,
 *     to?: string, toIf?: array<string, string>, question?: string,
 *     questionIf?: array<string, string>, found: string, foundIf?: array<string, string>, call?: string,
 *     advice?: array{weight?: string, knee?: string, bend?: string, drive?: bool}, kneeIf?: array<string, string>,
 *     adviceIf?: array<string, array{weight?: string, knee?: string, bend?: string, drive?: bool}>,
 *     about?: list<string>
 * }
 */
final readonly class RuleBook
{
    /**
     * @param  array<string, Sheet>  $sheets  by rule
     * @param  UrgencySteps  $steps  how soon a finding is seen, by day
     */
    public function __construct(private array $sheets, public UrgencySteps $steps)
    {
    }

    /**
     * @param  string  $as  one of the rule's variants, such as `calf_tense`; empty: as usual
     *
     * @throws OutOfBoundsException when nothing is written of this rule
     */
    public function of(SafetyRule $rule, string $as = ''): RuleSheet
    {
        $sheet = $this->sheets[$rule->value] ?? throw new OutOfBoundsException("Nothing is said of {$rule->value}.");

        $to = $sheet['toIf'][$as] ?? $sheet['to'] ?? null;
        $advice = $sheet['adviceIf'][$as] ?? $sheet['advice'] ?? null;

        return new RuleSheet(
            $sheet['sayIf'][$as] ?? $sheet['say'],
            $to === null ? null : Destination::from($to),
            $sheet['questionIf'][$as] ?? $sheet['question'] ?? '',
            $advice === null ? null : self::advice($advice, $sheet['kneeIf'][$as] ?? null),
            array_map(Condition::from(...), $sheet['about'] ?? []),
            new Sentence($sheet['foundIf'][$as] ?? $sheet['found']),
            isset($sheet['call']) ? new Sentence($sheet['call']) : null,
        );
    }

    /** In two or three words, as it stands beside a test that it holds. */
    public function name(SafetyRule $rule): string
    {
        return $this->sheets[$rule->value]['name'] ?? throw new OutOfBoundsException("{$rule->value} has no name.");
    }

    /**
     * @param  array{weight?: string, knee?: string, bend?: string, drive?: bool}  $advice
     */
    private static function advice(array $advice, ?string $knee): Advice
    {
        return new Advice(
            Weight::tryFrom($advice['weight'] ?? ''),
            isset($knee) || isset($advice['knee']) ? new Sentence($knee ?? $advice['knee']) : null,
            Bend::tryFrom($advice['bend'] ?? ''),
            $advice['drive'] ?? null,
        );
    }
}
