<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Section;
use GrayCompass\Core\Sentences\Sentence;
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

    /**
     * @return list<Section> those that say something
     */
    public function sections(): array
    {
        $found = new FoundForAthlete($this->bearings);
        $advice = new AdviceForAthlete($this->bearings, $this->plan);
        $sections = [];
        foreach ([
            'first' => $this->first(),
            'looked' => $found->lookedAt(),
            'found' => $found->found(),
            'mean' => $found->mayMean(),
            'until' => $advice->untilThen(),
            'next' => $advice->next(),
            'call' => $advice->call(),
        ] as $heading => $sentences) {
            if ($sentences !== []) {
                $sections[] = new Section(new Sentence("heading.{$heading}"), $sentences);
            }
        }

        return $sections;
    }

    /**
     * @return list<Sentence>
     */
    private function first(): array
    {
        $sentences = $this->bearings->examination->isUnder(self::READS_ALONE)
            ? [new Sentence('first.parents')]
            : [];
        if ($this->bearings->raised(SafetyRule::ChestSigns)) {
            return [...$sentences, new Sentence('first.ambulance')];
        }

        return [...$sentences, ...match ($this->plan->soonest()) {
            Within::Now => [new Sentence('first.hospital')],
            Within::SameDay => [new Sentence('first.today')],
            default => [],
        }];
    }
}
