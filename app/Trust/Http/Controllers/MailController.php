<?php

declare(strict_types=1);

namespace App\Trust\Http\Controllers;

use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Mail;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The outbox: what would have left by mail, newest first. */
final readonly class MailController
{
    private const SHOWN = 50;

    public function __construct(private AuditLog $log)
    {
    }

    public function index(): JsonResponse
    {
        $mails = Mail::query()->latest('id')->limit(self::SHOWN)->get();

        return response()->json($mails->map(static fn (Mail $mail): array => [
            'id' => $mail->id,
            'to' => $mail->recipient,
            'subject' => $mail->subject,
            'at' => $mail->created_at->toIso8601ZuluString(),
            'readable' => ! $mail->secret,
        ])->all());
    }

    /**
     * @throws AuthorizationException where it is for nobody but whom it went to
     */
    public function show(Mail $mail): Response
    {
        if ($mail->secret) {
            throw new AuthorizationException('Only the recipient may read this mail.');
        }
        $this->log->record(AuditEvent::MailRead, $mail->id);

        return response($mail->message, 200, [
            'Content-Type' => 'message/rfc822', 'Content-Disposition' => "attachment; filename=\"{$mail->id}.eml\"",
        ]);
    }
}
