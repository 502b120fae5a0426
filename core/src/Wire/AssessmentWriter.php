<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Examination\EarlierFinding;
use GrayCompass\Inference\Wire\ProblemWriter;

/** An assessment as the document that crosses the wire, part by part. */
final class AssessmentWriter
{
    public const FORMAT = 'gray-compass/assessment';

    public const VERSION = 1;

    /**
     * @return array<string, mixed>
     */
    public static function write(Assessment $assessment): array
    {
        $bearings = $assessment->bearings;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'rules' => Assessment::RULES,
            'evidence' => [
                'set' => $assessment->figures->today->choice->value,
                'digest' => $assessment->figures->digest,
            ],
            'phase' => $assessment->figures->today->phase->value,
            'setting' => $bearings->examination->setting->value,
            'safety' => SafetyWriter::write($bearings),
            'measurements' => ResultsWriter::measurements($assessment),
            'effusion' => ResultsWriter::effusion($bearings),
            'results' => ResultsWriter::results($bearings),
            'excluded' => ResultsWriter::excluded($assessment),
            'conditions' => VerdictWriter::conditions($bearings),
            'patterns' => VerdictWriter::patterns($assessment),
            'trace' => VerdictWriter::trace($assessment),
            'mcmurrayReadings' => ResultsWriter::mcmurrayReadings($bearings),
            'collateralReading' => ResultsWriter::collaterals($assessment),
            'frontGate' => VerdictWriter::frontGate($bearings->front),
            'abnormal' => VerdictWriter::abnormal($assessment),
            'alsoConsider' => VerdictWriter::alsoConsider($bearings),
            'route' => PlanWriter::route($assessment),
            'nextTests' => VerdictWriter::nextTests($assessment),
            'nothingChanges' => $assessment->nothingChanges(),
            'earlierFinding' => array_map(
                static fn (EarlierFinding $earlier): array => get_object_vars($earlier),
                $bearings->examination->earlierFindings,
            ),
            'known' => VerdictWriter::allKnown($bearings),
            'plan' => PlanWriter::plan($assessment),
            'answers' => VerdictWriter::answers($assessment),
            'remarks' => VerdictWriter::remarks($assessment),
            'weighing' => ProblemWriter::write($assessment->weighed->problem),
        ];
    }
}
