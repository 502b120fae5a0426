<?php

declare(strict_types=1);

namespace App\Platform\Audit;

/**
 * Something was written into the audit log. It is told within the transaction of what was done: what follows from it is
 * stored together with it, or not at all.
 */
final readonly class Recorded
{
    /**
     * @param  string|null  $subject  id of what it was done to
     * @param  array<string, string|int|bool>  $detail  codes and counts
     * @param  string|null  $team  id; null: of no team
     */
    public function __construct(
        public AuditEvent $event, public ?string $subject, public array $detail, public ?string $team,
    ) {
    }
}
