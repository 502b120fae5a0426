<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Mail\Outbox;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** How the log of a team ended on a day: to be kept, and held against the log later. */
final class EndOfLogMail extends Mailable implements ShouldBeEncrypted
{
    public function __construct(
        public readonly string $teamId,
        public readonly string $name,
        public readonly string $team,
        public readonly string $at,
        public readonly int $count,
        public readonly string $hash,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('papers.mail.log_subject', ['team' => $this->team, 'count' => $this->count]));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.log');
    }

    public function headers(): Headers
    {
        return new Headers(text: [Outbox::TEAM => $this->teamId]);
    }
}
