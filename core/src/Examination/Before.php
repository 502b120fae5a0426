<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What others found, and what was found before: of the pulse at this visit, of the knee while it was sound, at earlier
 * visits of this episode, and by scans and operations.
 *
 * @internal
 */
final readonly class Before
{
    /**
     * @param  list<EarlierFinding>  $earlierFindings  of other people
     * @param  list<PulseCheck>  $pulseChecks  in the order taken
     * @param  KneeBaseline|null  $baseline  the same knee while it was sound, where it was looked at then
     * @param  list<EarlierVisit>  $earlier  newest first
     */
    public function __construct(
        public array $earlierFindings = [],
        public array $pulseChecks = [],
        public ?KneeBaseline $baseline = null,
        public array $earlier = [],
        public KnownResults $known = new KnownResults,
    ) {
    }

    /** Without earlier visits and known results. */
    public function withoutPast(): self
    {
        return new self($this->earlierFindings, $this->pulseChecks, $this->baseline);
    }
}
