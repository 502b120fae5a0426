<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Pages\AthleteTexts;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Inference\Wire\ProblemWriter;

/** Keeps assessment and input as they stand when an examination closes: figures, schools and rules included. */
final readonly class Snapshots
{
    public function __construct(private AthleteTexts $texts)
    {
    }

    public function keep(Examination $examination, Document $document, Assessment $assessment): Snapshot
    {
        return Snapshot::query()->create([
            'examination_id' => $examination->id,
            'payload' => $this->texts->translated(Assessments::written($assessment)),
            'problem' => ProblemWriter::write($assessment->weighed->problem),
            'past' => $document->past() === [] ? null : (object) $document->past(),
            'rules' => Assessment::RULES,
            'evidence' => $assessment->figures->today->choice->value.' '.$assessment->figures->digest,
        ]);
    }
}
