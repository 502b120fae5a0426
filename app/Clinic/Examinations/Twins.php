<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\User;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\ExaminationStatus;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\Turn;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * Both knees are hurt: two examinations of one visit, each of one knee and neither compared with the other one. They
 * share what happened and who agreed to what. What is asked of one knee, its safety gate above all, is asked of each.
 */
final readonly class Twins
{
    /** What of the history is of the injury, and not of one knee. */
    private const SHARED_HISTORY = ['mechanism', 'gradualOnset', 'loadChange'];

    public function __construct(private Assessments $assessments, private AuditLog $log)
    {
    }

    /**
     * The examination of the other knee; the one that is there already where there is one.
     *
     * @throws AlreadySigned
     * @throws Refusal where it is a baseline
     */
    public function begin(Examination $examination, User $by): Examination
    {
        return Turn::of("examination {$examination->id}", function (string $lock) use ($examination, $by): Examination {
            $query = Examination::query()->whereKey($examination->id);
            $query->lock($lock);
            $one = $query->firstOrFail()->load(['sections', 'records', 'episode']);
            if ($one->twin_id !== null) {
                return Examination::query()->findOrFail($one->twin_id);
            }
            if ($one->isSigned()) {
                throw new AlreadySigned;
            }
            if ($one->episode->is_baseline) {
                throw Refusal::ofTheWhole(__('clinic.twins.a_baseline_is_of_both_knees'));
            }
            $other = $this->other($one, $by);
            $one->update(['twin_id' => $other->id]);
            self::unreliable($one->sections->firstOrFail('name', SectionName::Frame->value), $by);
            foreach ([$one, $other] as $each) {
                $each->load(['sections', 'records']);
                $assessment = $this->assessments->assess(Document::of($each), $each);
                $each->update(['holds' => KnownHolds::write($assessment), 'revision' => $each->revision + 1]);
            }
            $this->log->record(AuditEvent::OtherKneeBegun, $one->id);
            $this->log->record(AuditEvent::ExaminationStarted, $other->id);

            return $other;
        });
    }

    private function other(Examination $one, User $by): Examination
    {
        $side = $one->episode->hurt_side->opposite();
        $injury = [
            'athlete_id' => $one->episode->athlete_id, 'hurt_side' => $side,
            'injured_on' => $one->episode->injured_on?->toDateString(), 'is_baseline' => false,
        ];
        $episode = Episode::query()->where($injury)->first() ?? Episode::query()->create($injury);
        $other = Examination::query()->create([
            'team_id' => $one->team_id, 'episode_id' => $episode->id, 'examiner_id' => $by->id,
            'status' => ExaminationStatus::Draft, 'examined_at' => $one->examined_at, 'revision' => 0,
            'baseline_id' => $one->baseline_id, 'twin_id' => $one->id,
        ]);
        foreach ($one->sections as $section) {
            $payload = self::shared($section, $side);
            if ($payload !== null) {
                $other->sections()->create([
                    'examination_id' => $other->id, 'name' => $section->name, 'version' => 1, 'saved_by' => $by->id,
                    'payload' => $payload,
                ]);
            }
        }
        foreach ($one->records as $record) {
            if ($record->side !== $one->episode->hurt_side->value) {
                $this->bring($record, $other);
            }
        }

        return $other;
    }

    /** Null: it is of the one knee alone. */
    private static function shared(Section $section, Side $side): ?stdClass
    {
        $payload = (array) $section->payload;

        return match (SectionName::from($section->name)) {
            SectionName::Frame => (object) [
                ...array_diff_key($payload, ['firstImpression' => 0]),
                'hurtSide' => $side->value, 'otherKneeReliable' => false,
            ],
            SectionName::Opening, SectionName::Episode => (object) array_diff_key($payload, [
                'operated' => 0, 'fluidDrawn' => 0, 'fluidDrawnDaysAgo' => 0, 'injectionWeeksAgo' => 0, 'implant' => 0,
                'surgeonSaid' => 0,
            ]),
            SectionName::History => (object) array_intersect_key($payload, array_flip(self::SHARED_HISTORY)),
            default => null,
        };
    }

    /** Taken before the gate of this knee was asked, and marked so. */
    private function bring(StoredRecord $record, Examination $other): void
    {
        $other->records()->create([
            'examination_id' => $other->id, 'manoeuvre' => $record->manoeuvre, 'side' => $record->side,
            'payload' => $record->payload, 'before_gate' => true, 'sequence' => $record->sequence, 'version' => 1,
            'saved_by' => $record->saved_by,
        ]);
    }

    private static function unreliable(Section $frame, User $by): void
    {
        $frame->update([
            'payload' => (object) [...(array) $frame->payload, 'otherKneeReliable' => false],
            'version' => $frame->version + 1, 'saved_by' => $by->id,
        ]);
    }
}
