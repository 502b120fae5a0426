<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Exchange\Values\WebhookEvent;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\Recorded;

/** What stands in the audit log and concerns other programs, passed on to them. */
final readonly class TellsPrograms
{
    public function __construct(private Webhooks $webhooks)
    {
    }

    public function handle(Recorded $recorded): void
    {
        $event = self::event($recorded);
        if ($event !== null && $recorded->team !== null && $recorded->subject !== null) {
            $this->webhooks->tell($recorded->team, $event, self::about($recorded));
        }
    }

    private static function event(Recorded $recorded): ?WebhookEvent
    {
        $detail = $recorded->detail;

        return match ($recorded->event) {
            AuditEvent::Signed => WebhookEvent::ExaminationSigned,
            // Of an import nothing is new to anybody.
            AuditEvent::ReferenceResultAdded => isset($detail['import']) ? null : WebhookEvent::OutcomeEntered,
            AuditEvent::TaskClosed => ($detail['as'] ?? '') === TaskState::Done->value
                && ($detail['kind'] ?? '') === TaskKind::Referral->value ? WebhookEvent::ReferralAnswered : null,
            default => null,
        };
    }

    /** @return array<string, string> ids by kind */
    private static function about(Recorded $recorded): array
    {
        $subject = (string) $recorded->subject;
        $ids = $recorded->event === AuditEvent::Signed ? ['examination' => $subject] : ['athlete' => $subject];
        foreach (['task' => 'task', 'outcome' => 'outcome'] as $key => $kind) {
            if (isset($recorded->detail[$key])) {
                $ids[$kind] = (string) $recorded->detail[$key];
            }
        }

        return $ids;
    }
}
