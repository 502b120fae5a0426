<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Clinic\Audit\SignedFacts;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\Snapshot;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Str;
use stdClass;

/**
 * Examinations that were recorded elsewhere. One arrives as a draft, or as signed history: then it says where it comes
 * from, nobody here has signed it, and nothing is due by it.
 */
final readonly class Arrivals
{
    public function __construct(
        private Assessor $assessor, private Assessments $assessments, private Snapshots $snapshots, private AuditLog $log,
    ) {
    }

    /** When it was examined, of a day without a time at noon there; null where the document does not say it. */
    public static function moment(stdClass $document, string $team): ?CarbonImmutable
    {
        $told = $document->examinedAt ?? null;
        if (! \is_string($told) || strtotime($told) === false) {
            return null;
        }

        return \strlen($told) > 10
            ? CarbonImmutable::parse($told)->utc()
            : TeamDays::ofTeam($team)->begins(CarbonImmutable::parse($told))->addHours(12);
    }

    /** One of this id, wherever it is; it may be of another team, or removed. */
    public static function isTaken(string $id): bool
    {
        return Examination::query()->withoutGlobalScopes()->whereKey(strtolower($id))->exists();
    }

    /**
     * Inside a transaction.
     *
     * @param  stdClass  $document  with the time of the examination
     *
     * @throws Refusal naming the first place of the document that cannot be accepted
     */
    public function store(Athlete $athlete, stdClass $document, Arrival $arrival, User $by): Examination
    {
        $values = $this->assessor->read($document);
        $moment = self::moment($document, $athlete->team_id)
            ?? throw Refusal::at('examinedAt', __('clinic.arrivals.time_missing'));
        $examination = $this->draft($athlete, $document, $values, $moment, $by);
        $parts = DocumentParts::of($document);
        $unread = $arrival->unread + array_intersect_key(get_object_vars($document), array_flip($parts->left));
        $examination->forceFill([
            'origin' => $arrival->origin, 'record_import_id' => $arrival->import, 'unread' => $unread === [] ? null : $unread,
        ])->save();
        self::storeParts($examination, $parts, $by);
        $stored = Document::of($examination->load(['sections', 'records', 'episode']));
        $assessment = $this->assessments->assess($stored, $examination);
        if (GateMarks::put($examination, $assessment)) {
            $stored = Document::of($examination);
            $assessment = $this->assessments->assess($stored, $examination);
        }
        if (! $arrival->isHistory) {
            $this->log->record(AuditEvent::ExaminationImported, $examination->id, [], $by);

            return $examination;
        }
        $snapshot = $this->snapshots->keep($examination, $stored, $assessment);
        $examination->update([
            'status' => ExaminationStatus::Signed, 'signed_at' => self::signedAt($document, $moment),
        ]);
        $this->log->record(AuditEvent::HistoryImported, $examination->id, [
            'digest' => $snapshot->digest(), 'document' => $stored->digest(),
            'facts' => SignedFacts::digest($examination),
        ], $by);

        return $examination;
    }

    /** Takes one away again that nothing was done with since; see {@see self::isUntouched()}. */
    public function remove(Examination $examination): void
    {
        Snapshot::query()->where('examination_id', $examination->id)->delete();
        $examination->forceDelete();
        $this->log->record(AuditEvent::ImportedExaminationRemoved, $examination->id);
    }

    /** Whether it stands as it came in, and nothing refers to it. */
    public static function isUntouched(Examination $examination): bool
    {
        return $examination->revision === 0 && $examination->asked_at === null
            && ($examination->signed_at === null || $examination->signed_by === null)
            && Letter::query()->withoutGlobalScopes()->where('examination_id', $examination->id)->doesntExist()
            && $examination->addenda()->doesntExist() && $examination->superseding()->doesntExist()
            && Examination::query()->withoutGlobalScopes()->where('baseline_id', $examination->id)->doesntExist();
    }

    private function draft(
        Athlete $athlete, stdClass $document, KneeExamination $values, CarbonImmutable $moment, User $by,
    ): Examination {
        $isBaseline = $values->route->isBaseline();
        $given = Given::in($document);
        $days = $given->natural('daysSinceInjury');
        $day = TeamDays::ofTeam($athlete->team_id)->day($moment);
        $episode = $isBaseline ? Baselines::episode($athlete) : Episodes::begun(
            $athlete, Side::from($given->text('hurtSide')), $days === null ? null : $day->subDays($days),
        );
        $id = $given->text('id');

        return Examination::query()->create([
            ...(Str::isUlid($id) && ! self::isTaken($id) ? ['id' => strtolower($id)] : []),
            'team_id' => $athlete->team_id, 'episode_id' => $episode->id, 'examiner_id' => $by->id,
            'status' => ExaminationStatus::Draft, 'examined_at' => $moment, 'revision' => 0,
            'baseline_id' => $isBaseline ? null : Baselines::latest($athlete->id, $moment)?->id,
        ]);
    }

    private static function storeParts(Examination $examination, DocumentParts $parts, User $by): void
    {
        foreach ($parts->sections as $name => $payload) {
            $examination->sections()->create([
                'examination_id' => $examination->id, 'name' => $name, 'payload' => $payload, 'version' => 1,
                'saved_by' => $by->id,
            ]);
        }
        foreach ($parts->records as $place => $record) {
            $examination->records()->create([
                'examination_id' => $examination->id, 'manoeuvre' => $record['part']->name,
                'side' => $record['part']->side, 'payload' => $record['payload'],
                'before_gate' => $record['beforeGate'], 'sequence' => $place, 'version' => 1, 'saved_by' => $by->id,
            ]);
        }
    }

    /** As the document tells it; where it tells nothing that can be, when it was examined. */
    private static function signedAt(stdClass $document, CarbonImmutable $examined): CarbonImmutable
    {
        $told = Given::in($document)->text('signedAt');
        $at = strtotime($told) !== false ? CarbonImmutable::parse($told)->utc() : $examined;

        return $at->isFuture() ? $examined : $at;
    }
}
