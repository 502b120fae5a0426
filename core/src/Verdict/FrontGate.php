<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\Facts\Seen;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Standing\Standing;

/**
 * Whether front-of-knee pain is supported: a fitting story, sound structures, and pain on pressing or loading.
 *
 * @internal
 */
final readonly class FrontGate
{
    private function __construct(
        public Gate $story,
        public Gate $structural,
        public Gate $compression,
        public Gate $loaded,
    ) {
    }

    public static function of(Examination $examination, Standing $standing): self
    {
        $seen = new Seen(new HurtKnee($examination), $standing);
        $refuted = $seen->is(Fact::FrontStructuresRefuted);

        return new self(
            self::story($examination),
            self::gate(! $refuted && $seen->is(Fact::FrontStructuresSound), $refuted),
            self::gate($seen->is(Fact::FrontPressHurts), $seen->is(Fact::FrontPressFree)),
            self::gate($seen->is(Fact::FrontLoadHurts), $seen->is(Fact::FrontLoadFree)),
        );
    }

    public function supported(): bool
    {
        return $this->story === Gate::Met && $this->structural === Gate::Met
            && ($this->compression === Gate::Met || $this->loaded === Gate::Met);
    }

    /** Something recorded speaks against pain of the patellofemoral joint. */
    public function isRefuted(): bool
    {
        return \in_array(Gate::NotMet, [$this->story, $this->structural], true)
            || ($this->compression === Gate::NotMet && $this->loaded === Gate::NotMet);
    }

    private static function story(Examination $examination): Gate
    {
        $history = $examination->history;
        $against = [StoryItem::Locking, StoryItem::GivingWay, StoryItem::NumbnessOrBackPain];
        $refuted = $examination->isAfterInjury() || $history->answer(StoryItem::FrontLoadPain) === false;
        foreach ($against as $item) {
            $refuted = $refuted || $history->said($item);
        }

        return match (true) {
            $refuted => Gate::NotMet,
            $history->said(StoryItem::FrontLoadPain) => Gate::Met,
            default => Gate::Open,
        };
    }

    private static function gate(bool $met, bool $refuted): Gate
    {
        return match (true) {
            $met => Gate::Met,
            $refuted => Gate::NotMet,
            default => Gate::Open,
        };
    }
}
