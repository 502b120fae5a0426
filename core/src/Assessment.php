<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Conclusions\CollateralReading;
use GrayCompass\Core\Conclusions\ConditionVerdict;
use GrayCompass\Core\Conclusions\Consideration;
use GrayCompass\Core\Conclusions\FrontGate;
use GrayCompass\Core\Conclusions\MistakenReading;
use GrayCompass\Core\Conclusions\Plan;
use GrayCompass\Core\Conclusions\Words;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Remark;
use GrayCompass\Core\Route\Itinerary;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Weighing\Step;
use GrayCompass\Core\Weighing\Weighed;

/** All that follows from one examination. */
final class Assessment
{
    /** The version of the rules; it changes whenever a judgement could come out otherwise. */
    public const RULES = '2026.1';

    /**
     * @param  list<ConditionVerdict>  $conditions
     * @param  list<Step>  $trail
     * @param  Itinerary  $route  what lies ahead, in order
     * @param  list<Suggestion>  $nextTests
     * @param  CollateralReading|null  $medial  of valgus at 0° and 30°
     * @param  CollateralReading|null  $lateral  of varus at 0° and 30°
     * @param  list<Consideration>  $alsoConsider
     * @param  list<MistakenReading>  $answers
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public readonly EvidenceLibrary $evidence,
        public readonly SafetyGate $gate,
        public readonly Grading $grading,
        public readonly Standing $standing,
        public readonly Weighed $weighed,
        public readonly array $conditions,
        public readonly array $trail,
        public readonly Itinerary $route,
        public readonly array $nextTests,
        public readonly ?CollateralReading $medial,
        public readonly ?CollateralReading $lateral,
        public readonly FrontGate $frontGate,
        public readonly array $alsoConsider,
        public readonly Plan $plan,
        public readonly Words $words,
        public readonly array $answers,
        public readonly array $remarks,
    ) {
    }
}
