<?php

declare(strict_types=1);

namespace GrayCompass\Core\Assessed;

use GrayCompass\Core\Evidence\FiguresInUse;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Route\Itinerary;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\CollateralReading;
use GrayCompass\Core\Verdict\MistakenReading;
use GrayCompass\Core\Words\Texts;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Readings\Weighed;

/** All that follows from one examination. */
final readonly class Assessment
{
    /** The version of the rules; it changes whenever a judgement could come out otherwise. */
    public const RULES = '2026.6';

    /**
     * @param  list<Step>  $trail
     * @param  Itinerary  $route  what lies ahead, in order
     * @param  list<Suggestion>  $nextTests
     * @param  CollateralReading|null  $medial  of valgus at 0° and 30°
     * @param  CollateralReading|null  $lateral  of varus at 0° and 30°
     * @param  list<MistakenReading>  $answers
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public FiguresInUse $figures,
        public Bearings $bearings,
        public Weighed $weighed,
        public array $trail,
        public Itinerary $route,
        public array $nextTests,
        public ?CollateralReading $medial,
        public ?CollateralReading $lateral,
        public Plan $plan,
        public Texts $words,
        public array $answers,
        public array $remarks,
    ) {
    }

    /** Whether nothing left to do would change anything. */
    public function nothingChanges(): bool
    {
        return $this->nextTests === [] && ! $this->bearings->gate->isEmergency();
    }
}
