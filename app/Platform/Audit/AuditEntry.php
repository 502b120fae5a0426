<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Database\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing that was done, by whom, when and from where. It is written once and never changed: the database refuses,
 * and each carries the seal of the one before it.
 *
 * @property int $id
 * @property string|null $team_id
 * @property string|null $user_id null: nobody was logged in, or the console
 * @property AuditEvent $what
 * @property string|null $subject id of what it was done to
 * @property array<string, string|int|bool> $detail codes and counts, never what was found
 * @property string $address
 * @property string $at `YYYY-MM-DD HH:MM:SS.mmm` in UTC
 * @property string $previous
 * @property string $seal
 */
final class AuditEntry extends Model
{
    use BootsByName;

    public const UPDATED_AT = null;

    public const CREATED_AT = null;

    /** The seal before the first. */
    public const NONE = '0000000000000000000000000000000000000000000000000000000000000000';

    protected $table = 'deeds';

    protected $fillable = ['team_id', 'user_id', 'what', 'subject', 'detail', 'address', 'at', 'previous', 'seal'];

    protected $casts = ['what' => AuditEvent::class, 'detail' => 'array'];

    /** HMAC-SHA-256 over everything that it says, and the seal before it, by a key that is not in the database. */
    public function sealed(): string
    {
        $detail = $this->detail;
        ksort($detail);

        return hash_hmac('sha256', json_encode([
            $this->previous, $this->team_id, $this->user_id, $this->what->value, $this->subject, $detail,
            $this->address, $this->at,
        ], JSON_THROW_ON_ERROR), AuditKey::bytes());
    }
}
