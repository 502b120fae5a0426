<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Knee\Phase;

/**
 * The rows that apply, by chosen set and phase; each is put together once.
 *
 * @internal
 */
final class Libraries
{
    /** @var array<string, EvidenceLibrary> */
    private array $made = [];

    /**
     * @param  list<EvidenceRow>  $rows  of all sets and phases
     */
    public function __construct(private readonly array $rows)
    {
    }

    /** The rows for an examination, on its own day. */
    public function for(KneeExamination $examination): EvidenceLibrary
    {
        return $this->of(EvidenceChoice::from($examination->schools->evidence->id), $examination->phase());
    }

    public function of(EvidenceChoice $choice, Phase $phase): EvidenceLibrary
    {
        return $this->made["{$choice->value} {$phase->value}"] ??= new EvidenceLibrary($this->rows, $choice, $phase);
    }
}
