<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\User;
use App\Clinic\Audit\SignedFacts;
use App\Clinic\Board\Board;
use App\Clinic\Models\Examination;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\ExaminationStatus;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\Turn;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;

/** Closes an examination for good, with assessment and input as they stood: figures, schools and rules included. */
final class Signer
{
    public function __construct(private readonly Assessments $assessments,
        private readonly AuditLog $log,
        private readonly Tasks $tasks,
        private readonly Corrections $corrections,
        private readonly Board $board,
        private readonly Snapshots $snapshots,
    ) {
    }

    /**
     * Refused while a hot knee has not been asked about.
     *
     * @param  int  $seen  revision that was on screen: nobody signs what they have not seen
     * @param  string|null  $ungated  why it is signed though the safety gate is not answered
     *
     * @throws Refusal|AlreadySigned|MovedOn
     */
    public function sign(Examination $examination, User $by, int $seen, ?string $ungated = null): Examination
    {
        return Turn::of("examination {$examination->id}", function (string $lock) use ($examination, $by, $seen, $ungated): Examination {
            $query = Examination::query()->whereKey($examination->id);
            $query->lock($lock);
            $locked = $query->firstOrFail()->load(['sections', 'records']);
            if ($locked->isSigned()) {
                throw new AlreadySigned;
            }
            if ($locked->revision !== $seen) {
                throw new MovedOn;
            }
            $document = Document::of($locked);
            $assessment = $this->assessments->assess($document, $locked);
            if ($assessment->bearings->gate->raised(SafetyRule::HotKneeUnasked)) {
                throw Refusal::at(
                    'safety.feverOrHotRedKnee',
                    __('clinic.signer.the_knee_is_warm_or_red'),
                );
            }
            $isOpen = $assessment->bearings->gate->open;
            if (! $isOpen && trim((string) $ungated) === '') {
                throw Refusal::at('ungated', __('clinic.signer.the_safety_check_is_not_complete'));
            }
            $snapshot = $this->snapshots->keep($locked, $document, $assessment);
            $locked->update([
                'status' => ExaminationStatus::Signed,
                'signed_at' => Date::now(),
                'signed_by' => $by->id,
                'signed_ungated' => $isOpen ? null : $ungated,
            ]);
            $this->corrections->takePlace($locked, $by);
            $this->board->keep($locked->load('episode'), $assessment);
            $this->tasks->follow($locked, $assessment, $by);
            $this->log->record(AuditEvent::Signed, $locked->id, [
                'digest' => $snapshot->digest(),
                'document' => $document->digest(),
                'facts' => SignedFacts::digest($locked),
                'gate' => $isOpen,
            ], $by);

            return $locked;
        });
    }
}
