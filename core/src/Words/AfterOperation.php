<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\Operation;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What leads the summary of a knee that was operated on: range, strength, fluid, girth, and what must not be missed.
 *
 * @internal
 *
 * @phpstan-import-type Value from Sentence
 */
final readonly class AfterOperation
{
    /** Stuck short of straight, infection, clot. */
    private const FLAGS = [SafetyRule::LockedKnee, SafetyRule::JointInfection, SafetyRule::HotKneeUnasked, SafetyRule::ClotSuspected];

    public function __construct(private Bearings $bearings, private Phrases $phrases)
    {
    }

    /**
     * @return list<NoteLine> none for a knee that nobody operated on
     */
    public function lines(): array
    {
        $operated = $this->bearings->examination->episode->operated;

        return $operated === null ? [] : [
            new NoteLine('operation', $this->heading($operated)),
            new NoteLine('figures', $this->figures()),
            new NoteLine('flags', $this->flags()),
        ];
    }

    private function heading(Operation $operated): string
    {
        $when = match ($operated->weeksAgo) {
            0 => 'this_week',
            1 => 'a_week_ago',
            default => 'weeks_ago',
        };

        return $this->words($when.($operated->structure === null ? '' : '.for'), [
            'condition' => $operated->structure?->withArticle() ?? '', 'weeks' => $operated->weeksAgo,
        ]);
    }

    private function figures(): string
    {
        $fluid = $this->bearings->grading->effusion?->grade;

        return ucfirst(implode(', ', [
            $this->figure('extension', '°', ['passive_extension', 'extensionDeg'], ['active_range', 'extensionDeg']),
            $this->figure('lag', '°', ['straight_leg_raise', 'lagDeg'], ['active_range', 'lagDeg']),
            $this->words($fluid === null ? 'effusion_not_graded' : 'effusion', ['grade' => $fluid ?? 0]),
            $this->figure('girth', ' cm', ['inspection', 'girthCm']),
        ])).'.';
    }

    /**
     * @param  array{string, string}  ...$sources  manoeuvre and field, the first that was measured counts
     */
    private function figure(string $name, string $unit, array ...$sources): string
    {
        foreach ($sources as [$manoeuvre, $field]) {
            $hurt = $this->bearings->knee->number($manoeuvre, $field);
            if ($hurt !== null) {
                $other = $this->bearings->examination->other($manoeuvre)?->number($field);

                return $this->words($other === null ? 'figure' : 'figure.both', [
                    'name' => $name, 'hurt' => "{$hurt}{$unit}", 'other' => "{$other}{$unit}",
                ]);
            }
        }

        return $this->words('not_recorded', ['name' => $name]);
    }

    /**
     * @param  array<string, Value>  $values
     */
    private function words(string $code, array $values = []): string
    {
        return $this->phrases->words(new Sentence("after_operation.{$code}", $values));
    }

    private function flags(): string
    {
        $raised = array_filter(
            $this->bearings->gate->lines,
            static fn (SafetyLine $line): bool => \in_array($line->rule, self::FLAGS, true),
        );

        return $raised === [] ? $this->words('no_red_flag')
            : implode(' ', array_map(static fn (SafetyLine $line): string => $line->sheet->say, $raised));
    }
}
