<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Section;
use GrayCompass\Core\Sentences\Sentence;

/**
 * What is said to the athlete, to the coach and in the letter.
 *
 * @internal
 */
final readonly class Texts
{
    /**
     * @param  list<Section>  $athlete
     * @param  list<Sentence>  $coach  none without recorded consent
     * @param  list<NoteLine>  $note  for a colleague
     * @param  list<NoteLine>  $operated  what leads the summary of an operated knee; else none
     * @param  Phrases  $phrases  the language in which all of it is read
     */
    public function __construct(
        public array $athlete,
        public array $coach,
        public array $note,
        public array $operated,
        public Phrases $phrases,
    ) {
    }

    public function forAthlete(): string
    {
        return $this->phrases->text($this->athlete);
    }

    /** Empty without recorded consent. */
    public function forCoach(): string
    {
        return $this->phrases->paragraph($this->coach);
    }

    public function note(): string
    {
        return implode("\n", array_column($this->note, 'text'));
    }

    /** Empty for a knee that nobody operated on. */
    public function afterOperation(): string
    {
        return implode(' ', array_column($this->operated, 'text'));
    }
}
