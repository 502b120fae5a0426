<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What others found, and what was found before: of the pulse at this visit, and of the knee while it was sound.
 *
 * @internal
 */
final readonly class Before
{
    /**
     * @param  list<EarlierFinding>  $earlierFindings  of other people
     * @param  list<PulseCheck>  $pulseChecks  in the order taken
     * @param  KneeBaseline|null  $baseline  the same knee while it was sound, where it was looked at then
     */
    public function __construct(
        public array $earlierFindings = [],
        public array $pulseChecks = [],
        public ?KneeBaseline $baseline = null,
    ) {
    }
}
