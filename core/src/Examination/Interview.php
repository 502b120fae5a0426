<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What was asked and answered, before and beside what hands find.
 *
 * @internal
 */
final readonly class Interview
{
    public function __construct(
        public Opening $opening,
        public EpisodeFacts $episode,
        public History $history,
        public SafetyAnswers $safety,
    ) {
    }
}
