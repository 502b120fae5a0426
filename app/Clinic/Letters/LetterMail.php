<?php

declare(strict_types=1);

namespace App\Clinic\Letters;

use App\Platform\Mail\Outbox;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Attachment;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** A letter about an athlete. Its subject names nobody: subjects are read on the way, and on locked screens. */
final class LetterMail extends Mailable implements ShouldBeEncrypted
{
    /**
     * @param  string  $pdf  in base64, for a line of waiting work holds text alone
     */
    public function __construct(
        public readonly string $teamId,
        public readonly string $athleteId,
        public readonly string $team,
        public readonly string $letter,
        public readonly string $pdf,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('papers.mail.letter_subject', ['team' => $this->team]));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.letter');
    }

    /**
     * @return list<Attachment>
     */
    public function attachments(): array
    {
        return [Attachment::fromData(fn (): string => (string) base64_decode($this->pdf, true), 'letter.pdf')
            ->withMime('application/pdf')];
    }

    public function headers(): Headers
    {
        // Whose it is, is for the outbox alone: a real mail carries no name and no number of theirs on its outside.
        return new Headers(text: config('mail.default') === 'outbox'
            ? [Outbox::TEAM => $this->teamId, Outbox::ATHLETE => $this->athleteId]
            : []);
    }
}
