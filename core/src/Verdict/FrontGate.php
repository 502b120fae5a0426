<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Results\SettledResults;

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

    public static function of(KneeExamination $examination, SettledResults $results): self
    {
        $seen = new FactSubject(new HurtKnee($examination), $results);
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

    private static function story(KneeExamination $examination): Gate
    {
        $history = $examination->history;
        $against = [HistoryItem::Locking, HistoryItem::GivingWay, HistoryItem::NumbnessOrBackPain];
        $refuted = $examination->isAfterInjury() || $history->answer(HistoryItem::FrontLoadPain) === false;
        foreach ($against as $item) {
            $refuted = $refuted || $history->isYes($item);
        }

        return match (true) {
            $refuted => Gate::NotMet,
            $history->isYes(HistoryItem::FrontLoadPain) => Gate::Met,
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
