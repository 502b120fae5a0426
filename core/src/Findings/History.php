<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** The story, as far as it was asked. Null or absent: not asked. */
final class History
{
    /**
     * @param  array<string, bool>  $answers  by story item
     * @param  list<Mechanism>|null  $mechanism
     * @param  string|null  $directBlowSite  medial_joint_line, lateral_joint_line, patella or shin
     * @param  float|null  $painNow  0–10
     * @param  float|null  $painActivity  0–10
     */
    public function __construct(
        private readonly array $answers,
        public readonly ?SwellingOnset $swellingOnset,
        public readonly ?array $mechanism,
        public readonly ?string $directBlowSite,
        public readonly ?float $painNow,
        public readonly ?float $painActivity,
        public readonly ?string $painSite,
    ) {
    }

    public function answer(StoryItem $item): ?bool
    {
        return $this->answers[$item->value] ?? null;
    }

    public function said(StoryItem $item): bool
    {
        return $this->answer($item) === true;
    }
}
