<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Http\Requests\AttachmentRequest;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\ReferenceResults\Attachments;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Reports and pictures beside results. */
final readonly class AttachmentController
{
    public function __construct(private Attachments $attachments)
    {
    }

    /** @throws Refusal */
    public function store(AttachmentRequest $request, ReferenceResult $result, #[CurrentUser] User $user): JsonResponse
    {
        $made = $this->attachments->add($result, $request->title(), (string) $request->getContent(), $user);

        return response()->json(['id' => $made->id], 201);
    }

    /** Never shown in a page of ours: what comes from elsewhere is saved as a file. */
    public function show(Attachment $attachment, AuditLog $log): StreamedResponse
    {
        $log->record(AuditEvent::Exported, $attachment->athlete_id, ['as' => 'file beside a result']);

        return response()->streamDownload(function () use ($attachment): void {
            foreach ($this->attachments->content($attachment) as $piece) {
                echo $piece;
            }
        }, "result-{$attachment->id}.{$attachment->type->suffix()}", [
            'Content-Type' => $attachment->type->value, 'Content-Length' => (string) $attachment->bytes,
        ]);
    }

    public function destroy(Attachment $attachment): Response
    {
        $this->attachments->remove($attachment);

        return response()->noContent();
    }

    public function restore(Attachment $removedFile): Response
    {
        $this->attachments->restore($removedFile);

        return response()->noContent();
    }
}
