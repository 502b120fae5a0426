<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Standing\Standing;

/**
 * Whether front-of-knee pain is supported: a fitting story, sound structures, and pain on pressing or loading.
 *
 * @internal
 */
final readonly class FrontGate
{
    private const STRUCTURES = ['lachman', 'valgus_30_laxity', 'varus_30_laxity'];

    private const MENISCAL = [
        'mcmurray_medial', 'mcmurray_lateral', 'joint_line_tenderness_medial', 'joint_line_tenderness_lateral',
    ];

    private function __construct(
        public Gate $story,
        public Gate $structural,
        public Gate $compression,
        public Gate $loaded,
    ) {
    }

    public static function of(Examination $examination, Standing $standing): self
    {
        return new self(
            self::story($examination),
            self::structural($examination, $standing),
            self::bySign($standing->counted('patellar_compression')),
            self::loaded($examination, $standing),
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

    private static function structural(Examination $examination, Standing $standing): Gate
    {
        $tendon = $examination->hurt('kneecap_tendon');
        $fatPad = $examination->hurt('fat_pad_pinch');
        $bend = $examination->hurt('flexion_range');
        $straight = $examination->hurt('passive_extension');
        $knee = new HurtKnee($examination);
        $tender = $knee->flagHereOnly('kneecap_tendon', 'tender') || $knee->flagHereOnly('fat_pad_pinch', 'painMedial')
            || $knee->flagHereOnly('fat_pad_pinch', 'painLateral') || $knee->tender('lower_pole', 'patellar_tendon');
        $painful = ($bend?->number('endPain') ?? 0.0) > 0 || ($straight?->pain() ?? 0.0) > 0
            || $standing->counted('loss_of_extension') === Outcome::Positive;
        $meniscal = array_map($standing->counted(...), self::MENISCAL);
        $structures = array_map($standing->counted(...), self::STRUCTURES);

        return match (true) {
            $tender, $painful, \in_array(Outcome::Positive, [...$structures, ...$meniscal], true) => Gate::NotMet,
            \in_array(null, $structures, true), ! \in_array(Outcome::Negative, $meniscal, true),
            $tendon === null, $fatPad === null, $bend === null, $straight === null => Gate::Open,
            default => Gate::Met,
        };
    }

    private static function loaded(Examination $examination, Standing $standing): Gate
    {
        $signs = [$standing->counted('squat_front_pain'), $standing->counted('step_down_pain')];
        $rise = $examination->hurt('single_leg_sit_to_stand');
        $drifts = $rise !== null
            && ($rise->pain() ?? 0.0) > 0
            && \in_array($rise->word('kneeDrift'), ['mild', 'marked'], true);

        return match (true) {
            $drifts, \in_array(Outcome::Positive, $signs, true) => Gate::Met,
            \in_array(Outcome::Negative, $signs, true) => Gate::NotMet,
            default => Gate::Open,
        };
    }

    private static function bySign(?Outcome $sign): Gate
    {
        return match ($sign) {
            Outcome::Positive => Gate::Met,
            Outcome::Negative => Gate::NotMet,
            default => Gate::Open,
        };
    }
}
