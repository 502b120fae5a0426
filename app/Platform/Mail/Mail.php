<?php

declare(strict_types=1);

namespace App\Platform\Mail;

use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\Encrypter;
use App\Platform\Encryption\HasEncryptedColumns;
use App\Platform\Encryption\MasterKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;

/**
 * What would have left by mail, where no mail server is set: the outbox.
 *
 * @property string $id
 * @property string|null $team_id
 * @property string|null $athlete_id whose letter it is, and by whose key it is encrypted
 * @property bool $secret for nobody's eyes but the recipient's: a lead sees that it was sent, not what it says
 * @property string $recipient encrypted at rest
 * @property string $subject encrypted at rest
 * @property string $message RFC 5322; encrypted at rest
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class Mail extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    protected $table = 'mails';

    protected $fillable = ['athlete_id', 'team_id', 'secret', 'recipient', 'subject', 'message'];

    protected $casts = [
        'secret' => 'boolean', 'recipient' => Encrypted::class, 'subject' => Encrypted::class, 'message' => Encrypted::class,
    ];

    /** What is about an athlete goes with their key. */
    public function encrypter(array $attributes): Encrypter
    {
        $athlete = $attributes['athlete_id'] ?? null;

        return is_string($athlete) ? app(AthleteKeys::class)->ofAthlete($athlete) : app(MasterKey::class);
    }
}
