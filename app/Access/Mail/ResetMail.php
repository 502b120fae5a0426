<?php

declare(strict_types=1);

namespace App\Access\Mail;

use App\Platform\Mail\Outbox;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

final class ResetMail extends Mailable implements ShouldBeEncrypted
{
    public function __construct(
        public readonly ?string $teamId,
        public readonly string $address,
        public readonly int $minutes,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('papers.mail.reset_subject'));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.reset');
    }

    public function headers(): Headers
    {
        // The person who opens this link is in: a lead sees that it left, and not the link.
        return new Headers(text: array_filter([Outbox::TEAM => $this->teamId, Outbox::SECRET => 'yes']));
    }
}
