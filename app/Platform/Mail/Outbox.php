<?php

declare(strict_types=1);

namespace App\Platform\Mail;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Header\Headers;
use Symfony\Component\Mime\Message;

/** Stands in for a mail server: keeps what would have left, for the lead to see and to hand on. */
final class Outbox extends AbstractTransport
{
    public const TEAM = 'X-Gray-Compass-Team';

    /** Whose letter it is: it goes with them. */
    public const ATHLETE = 'X-Gray-Compass-Athlete';

    public const SECRET = 'X-Gray-Compass-Secret';

    public function __toString(): string
    {
        return 'outbox://';
    }

    protected function doSend(SentMessage $message): void
    {
        $sent = $message->getOriginalMessage();
        $headers = $sent instanceof Message ? $sent->getHeaders() : new Headers;
        $to = array_map(
            static fn (Address $address): string => $address->getAddress(),
            $sent instanceof Email ? $sent->getTo() : $message->getEnvelope()->getRecipients(),
        );
        Mail::query()->create([
            'athlete_id' => $headers->get(self::ATHLETE)?->getBodyAsString(),
            'team_id' => $headers->get(self::TEAM)?->getBodyAsString(),
            'secret' => $headers->has(self::SECRET),
            'recipient' => implode(', ', $to),
            'subject' => $sent instanceof Email ? (string) $sent->getSubject() : '',
            'message' => $message->toString(),
        ]);
    }
}
