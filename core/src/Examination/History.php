<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * The story, as far as it was asked. Null or absent: not asked.
 *
 * @internal
 */
final readonly class History
{
    public const BLOW_SITES = ['medial_joint_line', 'lateral_joint_line', 'patella', 'shin'];

    public const PAIN_PLACES = ['front', 'below_kneecap', 'inner', 'outer', 'back', 'inner_shin'];

    /**
     * @param  array<string, bool>  $answers  by story item
     * @param  list<Mechanism>|null  $mechanism
     * @param  string|null  $directBlowSite  medial_joint_line, lateral_joint_line, patella or shin
     * @param  float|null  $painNow  0–10
     * @param  float|null  $painActivity  0–10
     * @param  list<string>  $painPlaces  front, below_kneecap, inner, outer, back, inner_shin
     * @param  string  $painSite  the place in words, as older documents tell it
     */
    public function __construct(
        private array $answers,
        public ?SwellingOnset $swellingOnset,
        public ?array $mechanism,
        public ?string $directBlowSite,
        public ?float $painNow,
        public ?float $painActivity,
        public array $painPlaces = [],
        public string $painSite = '',
    ) {
    }

    public function answer(HistoryItem $item): ?bool
    {
        return $this->answers[$item->value] ?? null;
    }

    /** Whether pain was told below the patella. */
    public function hurtsBelowKneecap(): bool
    {
        return \in_array('below_kneecap', $this->painPlaces, true);
    }

    /** Whether pain was told along the inner shin. */
    public function hurtsAtShin(): bool
    {
        return \in_array('inner_shin', $this->painPlaces, true) || stripos($this->painSite, 'shin') !== false;
    }

    /** Something happened to this knee: a mechanism, a pop, a stop at once, or rapid swelling is told. */
    public function tellsInjury(): bool
    {
        $named = array_filter(
            $this->mechanism ?? [],
            static fn (Mechanism $mechanism): bool => $mechanism !== Mechanism::NoneRecalled,
        );

        return $named !== []
            || $this->isYes(HistoryItem::Pop)
            || $this->isYes(HistoryItem::CouldNotContinue)
            || $this->swellingOnset === SwellingOnset::WithinTwoHours;
    }

    /** Nothing of the story was asked yet. */
    public function isEmpty(): bool
    {
        return $this->answers === [] && $this->swellingOnset === null && $this->mechanism === null;
    }

    public function isYes(HistoryItem $item): bool
    {
        return $this->answer($item) === true;
    }
}
