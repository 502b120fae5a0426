<?php

declare(strict_types=1);

namespace App\Access\Mail;

use App\Platform\Mail\Outbox;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

final class InvitationMail extends Mailable implements ShouldBeEncrypted
{
    public function __construct(
        public readonly string $teamId,
        public readonly string $team,
        public readonly string $by,
        public readonly string $role,
        public readonly string $address,
        public readonly int $days,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('papers.mail.invitation_subject', ['team' => $this->team]));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.invitation');
    }

    public function headers(): Headers
    {
        // A lead sees that it was sent; the link itself is told only where no mail leaves, when it is made.
        return new Headers(text: [Outbox::TEAM => $this->teamId, Outbox::SECRET => 'yes']);
    }
}
