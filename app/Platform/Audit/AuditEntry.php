<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * An entry of the audit log: one thing that was done, by whom, when and from where. It is written once and never
 * changed: the database refuses, and each carries the hash of the one before it.
 *
 * @property int $id
 * @property string|null $team_id
 * @property string|null $user_id null: nobody was logged in, or the console
 * @property AuditEvent $event
 * @property string|null $subject id of what it was done to
 * @property array<string, string|int|bool> $detail codes and counts, never what was found
 * @property string $address
 * @property string $at `YYYY-MM-DD HH:MM:SS.mmm` in UTC
 * @property string $previous_hash
 * @property string $hash
 */
final class AuditEntry extends Model
{
    use BootsByName;

    public const UPDATED_AT = null;

    public const CREATED_AT = null;

    /** The previous hash of the first. */
    public const NONE = '0000000000000000000000000000000000000000000000000000000000000000';

    protected $table = 'audit_entries';

    protected $fillable = ['team_id', 'user_id', 'event', 'subject', 'detail', 'address', 'at', 'previous_hash', 'hash'];

    protected $casts = ['event' => AuditEvent::class, 'detail' => 'array'];

    /** HMAC-SHA-256 over everything that it says, and the hash before it, by a key that is not in the database. */
    public function computeHash(): string
    {
        $detail = $this->detail;
        ksort($detail);

        return hash_hmac('sha256', json_encode([
            $this->previous_hash, $this->team_id, $this->user_id, $this->event->value, $this->subject, $detail,
            $this->address, $this->at,
        ], JSON_THROW_ON_ERROR), AuditKey::bytes());
    }
}
