<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Clinic\Http\Requests\LetterRequest;
use App\Clinic\Http\Resources\LetterResource;
use App\Clinic\Letters\Letters;
use App\Clinic\Letters\StaleLetter;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Reports\LetterPdf;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Letters about an examination. */
final readonly class LetterController
{
    public function __construct(private Letters $letters, private AuditLog $log)
    {
    }

    /** Newest first. */
    public function index(Examination $examination): JsonResponse
    {
        return response()->json(Letter::query()->where('examination_id', $examination->id)->with('versions')
            ->latest('id')->get()->map(LetterResource::line(...))->all());
    }

    /** @throws Refusal */
    public function store(LetterRequest $request, Examination $examination, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['id' => $this->letters->begin($examination, $request->doctor(), $user)->id], 201);
    }

    public function show(Letter $letter): LetterResource
    {
        $this->log->record(AuditEvent::ExaminationRead, $letter->examination_id, ['as' => 'letter']);

        return self::whole($letter);
    }

    /**
     * @throws StaleLetter
     * @throws Refusal
     */
    public function update(LetterRequest $request, Letter $letter, #[CurrentUser] User $user): LetterResource
    {
        return self::whole($this->letters->change($letter, $request->seen(), $request->wording(), $user));
    }

    /**
     * @throws StaleLetter
     * @throws Refusal
     */
    public function send(LetterRequest $request, Letter $letter, #[CurrentUser] User $user): LetterResource
    {
        return self::whole(
            $this->letters->send($letter, $request->seen(), $request->channel(), $request->carries(), $user),
        );
    }

    /** @throws Refusal */
    public function destroy(Letter $letter): Response
    {
        $this->letters->discard($letter);

        return response()->noContent();
    }

    public function restore(Letter $discarded): Response
    {
        $this->letters->restore($discarded);

        return response()->noContent();
    }

    public function pdf(Letter $letter, LetterPdf $pdf): Response
    {
        $this->log->record(AuditEvent::Printed, $letter->examination_id, ['as' => 'letter']);

        return self::file($letter, $pdf->render($letter, $letter->newest()), 'application/pdf', 'pdf');
    }

    public function plain(Letter $letter, LetterPdf $pdf): Response
    {
        $this->log->record(AuditEvent::Exported, $letter->examination_id, ['as' => 'letter']);

        return self::file($letter, $pdf->plain($letter, $letter->newest()), 'text/plain; charset=utf-8', 'txt');
    }

    private static function file(Letter $letter, string $content, string $type, string $suffix): Response
    {
        $day = TeamDays::here()->day($letter->created_at)->toDateString();

        return response($content, 200, [
            'Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"letter-{$day}.{$suffix}\"",
        ]);
    }

    private static function whole(Letter $letter): LetterResource
    {
        return new LetterResource($letter->load(LetterResource::WITH));
    }
}
