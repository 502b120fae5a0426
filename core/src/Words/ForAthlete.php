<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What the athlete takes home: short paragraphs under headings, nothing unexplained, no diagnosis.
 * How many tests are enough, and the age of driving, are working estimates.
 *
 * @internal
 */
final readonly class ForAthlete
{
    /** Below this (years) the parents read along. */
    private const READS_ALONE = 17;

    public function __construct(private Bearings $bearings, private Plan $plan)
    {
    }

    /** Headings and paragraphs, parted by empty lines. */
    public function text(): string
    {
        $found = new FoundForAthlete($this->bearings);
        $advice = new AdviceForAthlete($this->bearings, $this->plan);
        $parts = [
            'First' => $this->first(),
            'What we looked at' => $found->lookedAt(),
            'What we found' => $found->found(),
            'What it may mean' => $found->mayMean(),
            'Until then' => $advice->untilThen(),
            'Next' => $advice->next(),
            'Call' => $advice->call(),
        ];
        $paragraphs = [];
        foreach ($parts as $heading => $sentences) {
            if ($sentences !== []) {
                $paragraphs[] = "{$heading}\n".implode(' ', $sentences);
            }
        }

        return implode("\n\n", $paragraphs);
    }

    /**
     * @return list<string>
     */
    private function first(): array
    {
        $sentences = $this->bearings->examination->isUnder(self::READS_ALONE)
            ? ['This is for you and your parents.']
            : [];
        if ($this->bearings->raised(SafetyRule::ChestSigns)) {
            return [...$sentences, 'Call an ambulance now.'];
        }

        return [...$sentences, ...match ($this->plan->soonest()) {
            Within::Now => ['You need to go to hospital now.'],
            Within::SameDay => ['You need to be seen today.'],
            default => [],
        }];
    }
}
