<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Assessment as Snapshot;
use App\Models\Examination;
use App\Models\ExaminationStatus;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Wire\ProblemWriter;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Closes an examination for good, with assessment and input as they stood: figures, schools and rules included. */
final class Signer
{
    public function __construct(private readonly Judge $judge)
    {
    }

    /** Refused while a hot knee has not been asked about. */
    public function sign(Examination $examination): Examination
    {
        return DB::transaction(function () use ($examination): Examination {
            $query = Examination::query()->whereKey($examination->id);
            $query->lockForUpdate();
            $locked = $query->firstOrFail()->load(['sections', 'findings']);
            if ($locked->isSigned()) {
                throw new AlreadySigned;
            }
            $assessment = $this->judge->judge(Document::of($locked), $locked);
            if ($assessment->bearings->gate->raised(Rule::HotKneeUnasked)) {
                throw Refusal::at(
                    'safety.feverOrHotRedKnee',
                    'the knee is warm or red: ask about fever and a hot knee before signing',
                );
            }
            $this->keep($locked, $assessment);
            $locked->update(['status' => ExaminationStatus::Signed, 'signed_at' => Date::now()]);

            return $locked;
        });
    }

    private function keep(Examination $examination, Assessment $assessment): void
    {
        Snapshot::query()->create([
            'examination_id' => $examination->id,
            'payload' => Judge::written($assessment),
            'problem' => ProblemWriter::write($assessment->weighed->problem),
            'rules' => Assessment::RULES,
            'evidence' => $assessment->evidence->choice->value.' '.$assessment->digest,
        ]);
    }
}
