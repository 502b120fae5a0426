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

    /** The same with other answers of the safety check. */
    public function answering(SafetyAnswers $safety): self
    {
        return new self($this->opening, $this->episode, $this->history, $safety);
    }
}
