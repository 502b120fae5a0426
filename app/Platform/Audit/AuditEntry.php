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
 *
 * @phpstan-type Says array{
 *     team_id: string|null, user_id: string|null, event: string, subject: string|null,
 *     detail: array<string, string|int|bool>, address: string, at: string
 * }
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

    public function computeHash(): string
    {
        return self::hashOf([
            'team_id' => $this->team_id,
            'user_id' => $this->user_id,
            'event' => $this->event->value,
            'subject' => $this->subject,
            'detail' => $this->detail,
            'address' => $this->address,
            'at' => $this->at,
        ], $this->previous_hash);
    }

    /**
     * HMAC-SHA-256 over everything that an entry says, and the hash before it, by a key that is not in the database.
     *
     * @param  Says  $says
     */
    public static function hashOf(array $says, string $previousHash): string
    {
        ksort($says['detail']);

        return hash_hmac('sha256', json_encode([
            $previousHash, $says['team_id'], $says['user_id'], $says['event'], $says['subject'], $says['detail'],
            $says['address'], $says['at'],
        ], JSON_THROW_ON_ERROR), AuditKey::bytes());
    }
}
