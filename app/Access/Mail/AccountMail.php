<?php

declare(strict_types=1);

namespace App\Access\Mail;

use App\Platform\Mail\Outbox;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** Tells the owner of an account that how one logs in to it was changed, in case it was not them. */
final class AccountMail extends Mailable implements ShouldBeEncrypted
{
    public function __construct(
        public readonly ?string $teamId,
        public readonly string $name,
        public readonly AccountChange $change,
        public readonly string $at,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('papers.mail.account_subject', ['change' => $this->change->label()]));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.account');
    }

    public function headers(): Headers
    {
        return new Headers(text: array_filter([Outbox::TEAM => $this->teamId]));
    }
}
