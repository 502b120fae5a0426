<?php

declare(strict_types=1);

namespace App\Platform\Mail;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Mail\Mailable;

/** Sends a mail: into the outbox at once, to a real mail server from the line of waiting work, so that nobody waits. */
final readonly class Post
{
    public function __construct(private Mailer $mailer, private Repository $config)
    {
    }

    /** Whether a mail server is set; without one, mail stays in the outbox and has to be handed over by hand. */
    public function leaves(): bool
    {
        return $this->config->get('mail.default') !== 'outbox';
    }

    public function send(string $to, Mailable $mail): void
    {
        $addressed = $mail->to($to);
        if ($this->leaves()) {
            $addressed->queue(app('queue'));
        } else {
            $this->mailer->send($addressed);
        }
    }
}
