<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\Operation;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What leads the summary of a knee that was operated on: range, strength, fluid, girth, and what must not be missed.
 *
 * @internal
 */
final readonly class AfterOperation
{
    /** Stuck short of straight, infection, clot. */
    private const FLAGS = [SafetyRule::LockedKnee, SafetyRule::JointInfection, SafetyRule::HotKneeUnasked, SafetyRule::ClotSuspected];

    public function __construct(private Bearings $bearings)
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
        $what = $operated->structure === null ? 'Operated on' : "Operated on for {$operated->structure->withArticle()}";

        return "{$what} ".match ($operated->weeksAgo) {
            0 => 'this week.',
            1 => 'a week ago.',
            default => "{$operated->weeksAgo} weeks ago.",
        };
    }

    private function figures(): string
    {
        $fluid = $this->bearings->grading->effusion?->grade;

        return ucfirst(implode(', ', [
            $this->figure('extension', '°', ['passive_extension', 'extensionDeg'], ['active_range', 'extensionDeg']),
            $this->figure('lag', '°', ['straight_leg_raise', 'lagDeg'], ['active_range', 'lagDeg']),
            $fluid === null ? 'effusion not graded' : "fluid grade {$fluid}",
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

                return "{$name} {$hurt}{$unit}".($other === null ? '' : " (other knee {$other}{$unit})");
            }
        }

        return "{$name} not recorded";
    }

    private function flags(): string
    {
        $raised = array_filter(
            $this->bearings->gate->lines,
            static fn (SafetyLine $line): bool => \in_array($line->rule, self::FLAGS, true),
        );

        return $raised === [] ? 'No red flag for a stuck knee, infection or clot.'
            : implode(' ', array_map(static fn (SafetyLine $line): string => $line->sheet->say, $raised));
    }
}
