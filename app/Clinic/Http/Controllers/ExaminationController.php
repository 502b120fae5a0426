<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Accounts\PasswordNeeded;
use App\Access\Accounts\Presence;
use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\Ability;
use App\Clinic\Examinations\AlreadySigned;
use App\Clinic\Examinations\Assessments;
use App\Clinic\Examinations\Document;
use App\Clinic\Examinations\KneeChanger;
use App\Clinic\Examinations\LastLook;
use App\Clinic\Examinations\Signer;
use App\Clinic\Examinations\Starter;
use App\Clinic\Examinations\Twins;
use App\Clinic\Http\Requests\KneeRequest;
use App\Clinic\Http\Requests\SignRequest;
use App\Clinic\Http\Requests\StartRequest;
use App\Clinic\Http\Resources\ExaminationResource;
use App\Clinic\Models\Examination;
use App\Clinic\Reports\SummaryPdf;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

final readonly class ExaminationController
{
    public function __construct(
        private Assessments $assessments,
        private AuditLog $log,
        private LastLook $looks,
    ) {
    }

    public function store(
        StartRequest $request, Athlete $athlete, Starter $starter, #[CurrentUser] User $user,
    ): JsonResponse {
        $examination = $starter->start($athlete, $user->id, $request->start());

        return response()->json(['id' => $examination->id], 201);
    }

    public function show(Examination $examination): ExaminationResource
    {
        $this->log->record(AuditEvent::ExaminationRead, $examination->id);

        return $this->whole($examination);
    }

    /**
     * Closes the examination for good.
     *
     * @throws PasswordNeeded after a break, for another person may stand here
     */
    public function sign(
        SignRequest $request, Examination $examination, Signer $signer, #[CurrentUser] User $user,
    ): ExaminationResource {
        (new Presence($request->session()))->insistUnbroken();

        return $this->whole($signer->sign($examination, $user, $request->seen(), $request->ungated()));
    }

    /** The person who does not sign asks someone who does: it stands on their first screen. */
    public function ask(Examination $examination): Response
    {
        if ($examination->isSigned()) {
            throw new AlreadySigned;
        }
        DB::transaction(function () use ($examination): void {
            $examination->update(['asked_at' => Date::now()]);
            $this->log->record(AuditEvent::SignatureAskedFor, $examination->id);
        });

        return response()->noContent();
    }

    /** The side or the day was said wrongly when it was begun. */
    public function changeKnee(
        KneeRequest $request, Examination $examination, KneeChanger $changer, #[CurrentUser] User $user,
    ): ExaminationResource {
        return $this->whole($changer->change(
            $examination,
            $request->hurtSide(),
            $request->daysSinceInjury(),
            $request->seen(),
            $user->id,
            $user->can(Ability::ChangeOthers),
        ));
    }

    /** The other knee is hurt as well. */
    public function other(Examination $examination, Twins $twins, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['id' => $twins->begin($examination, $user)->id], 201);
    }

    /** The summary on paper. */
    public function pdf(Examination $examination, SummaryPdf $pdf): Response
    {
        $examination->load(Examination::WHOLE);
        $this->log->record(AuditEvent::Printed, $examination->id);
        $day = TeamDays::here()->day($examination->examined_at)->toDateString();

        return response($pdf->render($examination, $this->assessments->assessment($examination)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"knee-{$day}.pdf\"",
        ]);
    }

    /** The open file format. */
    public function document(Examination $examination): JsonResponse
    {
        $this->log->record(AuditEvent::Exported, $examination->id, ['as' => 'document']);

        return response()->json(Document::of($examination->load(['sections', 'records']))->content());
    }

    private function whole(Examination $examination): ExaminationResource
    {
        $examination->loadMissing(Examination::WHOLE);

        return new ExaminationResource($examination, $this->assessments->assessment($examination), $this->looks);
    }
}
