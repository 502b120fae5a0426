<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Access\Models\User;
use App\Clinic\Values\Addressee;
use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a letter said after one of its changes; nothing changes it.
 *
 * @property string $id
 * @property string $athlete_id
 * @property string $letter_id
 * @property positive-int $number
 * @property Said $content encrypted at rest
 * @property string|null $written_by id of a user
 * @property CarbonImmutable $created_at
 * @property User|null $writer
 *
 * @phpstan-type Said array{
 *     to: array{name: string, practice: string, address: string, email: string}, subject: string, text: string
 * }
 */
final class LetterVersion extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'letter_versions';

    protected $fillable = ['athlete_id', 'letter_id', 'number', 'content', 'written_by'];

    protected $casts = ['number' => 'integer', 'content' => Encrypted::class.':array'];

    public function to(): Addressee
    {
        return new Addressee(...$this->content['to']);
    }

    /**
     * @return BelongsTo<User, $this>
     */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'written_by');
    }
}
